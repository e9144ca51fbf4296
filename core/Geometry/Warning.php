<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Words\Said;

/** Something about a drawn piece that wants a look, at a place on the drawing where it has one, mm. */
final readonly class Warning
{
    public function __construct(
        public WarningCode $code,
        public Said $message,
        public ?float $z = null,
        public ?float $r = null,
    ) {
    }

    /** @return array{code: string, message: Said, at: array{float, float}|null} */
    public function toArray(): array
    {
        return [
            'code' => $this->code->value, 'message' => $this->message,
            'at' => $this->z === null || $this->r === null ? null : [round($this->z, 3), round($this->r, 3)],
        ];
    }
}
