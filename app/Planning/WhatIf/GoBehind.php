<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use HonestGrain\Words\Said;
use Illuminate\Validation\ValidationException;

/** A piece that takes what hands another one leaves, or again goes by its own date. */
final readonly class GoBehind implements Change
{
    /** @param  int|null  $first  the piece that is taken up first; null for none */
    public function __construct(public int $piece, public ?int $first)
    {
    }

    public function written(): string
    {
        return "$this->piece:".($this->first ?? '');
    }

    public static function read(string $written): ?self
    {
        [$piece, $first] = explode(':', $written) + ['', ''];

        return ctype_digit($piece) && ($first === '' || ctype_digit($first)) && $piece !== $first
            ? new self((int) $piece, $first === '' ? null : (int) $first) : null;
    }

    /** The one that is taken up first is who it is for. */
    public function piece(): int
    {
        return $this->first ?? $this->piece;
    }

    public function said(array $names): Said
    {
        return $this->first === null ? new Said('planning.what-if.behind-none')
            : new Said('planning.what-if.behind', ['other' => Said::name($names[$this->piece] ?? '')]);
    }

    /** @throws ValidationException where that one goes behind this one already */
    public function to(Shop $shop): void
    {
        for ($at = $this->first; $at !== null; $at = $shop->piece($at)?->behind_id) {
            if ($at === $this->piece) {
                throw ValidationException::withMessages(['do' => say('planning.what-if.behind-itself', [
                    'first' => $shop->piece((int) $this->first)->name ?? '',
                    'piece' => $shop->piece($this->piece)->name ?? '',
                ])]);
            }
        }
        $shop->goBehind($this->piece, $this->first);
    }
}
