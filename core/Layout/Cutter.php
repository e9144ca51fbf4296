<?php

declare(strict_types=1);

namespace HonestGrain\Layout;

use HonestGrain\Reading\Document;

/** A cutter in the shop's drawer: a ball or a V, by its name. */
final readonly class Cutter
{
    public const MAX_NAME = 60;

    private function __construct(public string $name, public FluteCutter $cuts)
    {
    }

    /** Reads `{"name","kind":"ball"|"v","radius_mm"|"angle_deg"}`. */
    public static function read(Document $cutter): self
    {
        return new self($cutter->text('name', self::MAX_NAME), FluteCutter::read($cutter));
    }

    /** @return array<string, string|float> */
    public function toArray(): array
    {
        return ['name' => $this->name] + $this->cuts->toArray();
    }
}
