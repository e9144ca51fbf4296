<?php

declare(strict_types=1);

namespace App\Models\Kept;

use HonestGrain\Route\Conflict;
use HonestGrain\Words\Said;

/** What does not go together in a piece, or keeps it from a date, and the ways out. */
final readonly class Objection implements Kept
{
    /**
     * @param  list<string>  $steps
     * @param  list<Said>  $choices
     */
    public function __construct(
        public bool $forbids,
        public array $steps,
        public Said $message,
        public array $choices,
    ) {
    }

    public static function of(Conflict $conflict): self
    {
        return new self($conflict->forbids, $conflict->steps, $conflict->message, $conflict->choices);
    }

    public static function read(array $kept): self
    {
        return new self(
            ($kept['severity'] ?? '') === 'forbid', array_values(array_map(strval(...), $kept['steps'] ?? [])),
            SaidCast::of($kept['message'] ?? ''), SaidCast::all($kept['choices'] ?? []),
        );
    }

    public function toArray(): array
    {
        return [
            'severity' => $this->forbids ? 'forbid' : 'warn', 'steps' => $this->steps, 'message' => $this->message,
            'choices' => $this->choices,
        ];
    }
}
