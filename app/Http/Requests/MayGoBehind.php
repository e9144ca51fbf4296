<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Piece;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A piece in work that does not itself go behind this one, or behind one that does. */
final readonly class MayGoBehind implements ValidationRule
{
    public function __construct(private Piece $piece)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $first = $this->piece->workshop->pieces()->working()->find((int) $value);
        if ($first === null) {
            $fail(say('http.weeks.no-such-piece', ['typed' => (string) $value]));
        } elseif ($first->id === $this->piece->id || $first->isBehind($this->piece)) {
            $fail(say('planning.what-if.behind-itself', [
                'piece' => $this->piece->name, 'first' => $first->name,
            ]));
        }
    }
}
