<?php

declare(strict_types=1);

namespace App\Planning\WhatIf;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\ProvenStack;
use HonestGrain\Piece\CoatPlan;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use HonestGrain\Words\Said;

/** Another stack of coats wherever none has gone on yet. */
final readonly class OtherFinish implements Change
{
    public function __construct(public int $piece, public string $stack)
    {
    }

    public function written(): string
    {
        return "$this->piece:$this->stack";
    }

    public static function read(string $written): ?self
    {
        [$piece, $stack] = explode(':', $written) + ['', ''];
        $change = new self((int) $piece, $stack);

        return ctype_digit($piece) && $change->proven() !== null ? $change : null;
    }

    public function piece(): int
    {
        return $this->piece;
    }

    public function said(array $names): Said
    {
        return new Said('planning.what-if.finish', ['stack' => $this->proven()?->name() ?? '']);
    }

    public function to(Shop $shop): void
    {
        $done = $shop->doneOf($this->piece);
        $stack = $this->proven();
        $shop->change($this->piece, fn (CorePiece $core, Tables $tables): CorePiece => $core->withEachCoatPlan(
            fn (CoatPlan $plan): CoatPlan => $stack === null ? $plan
                : $plan->replacedBy($stack, $done, $tables->coatings),
        ));
    }

    public function proven(): ?ProvenStack
    {
        foreach (Catalogue::shipped()->stacks() as $stack) {
            if ($stack->id === $this->stack) {
                return $stack;
            }
        }

        return null;
    }
}
