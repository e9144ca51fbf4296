<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Holding\HoldStage;
use HonestGrain\Holding\Mount;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Document;

/**
 * What the maker wants to hold a part by before its main hold is cut, and while its foot is finished. A hold that is
 * not there or does not serve gives way to the best that does; what holds most of the work is the part's `holding`.
 */
final readonly class HoldWishes
{
    public function __construct(public ?Mount $outside = null, public ?Mount $foot = null)
    {
    }

    /** @return list<Mount> whatever the lathe turns; a foot may be finished by hand, too */
    public static function mounts(HoldStage $stage): array
    {
        return array_values(array_filter(
            Mount::cases(), fn (Mount $mount): bool => $mount->spins()
                || $mount === Mount::Lap && $stage === HoldStage::Foot,
        ));
    }

    public static function read(Document $part): self
    {
        if (! $part->has('holds')) {
            return new self;
        }
        $holds = $part->child('holds');
        $read = fn (HoldStage $stage): ?Mount => $holds->has($stage->value)
            ? Mount::from($holds->choice($stage->value, array_column(self::mounts($stage), 'value'))) : null;

        return new self($read(HoldStage::Outside), $read(HoldStage::Foot));
    }

    public function at(HoldStage $stage): ?Mount
    {
        return match ($stage) {
            HoldStage::Outside => $this->outside,
            HoldStage::Foot => $this->foot,
            HoldStage::Inside => null,
        };
    }

    /** The same with another wish for a stage, or with none. */
    public function with(HoldStage $stage, ?Mount $mount): self
    {
        return Copy::with($this, [$stage->value => $mount]);
    }

    /** @return array<string, string> as in the document; empty where nothing is wished */
    public function toArray(): array
    {
        return array_map(
            fn (Mount $mount): string => $mount->value,
            array_filter(['outside' => $this->outside, 'foot' => $this->foot]),
        );
    }
}
