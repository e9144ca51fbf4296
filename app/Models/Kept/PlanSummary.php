<?php

declare(strict_types=1);

namespace App\Models\Kept;

use Carbon\CarbonImmutable;
use HonestGrain\Words\Said;

/** What is told of a whole plan: when all is done, what could not be kept, and why there is none. */
final readonly class PlanSummary implements Kept
{
    /**
     * @param  list<ShutWindow>  $broken
     * @param  list<DateMove>  $moved  pieces whose date the last change that moved any has moved
     * @param  CarbonImmutable|null  $movedAt  when that was
     * @param  bool  $isWeighed  whether it was looked for at length, and says how long steps may be left
     */
    public function __construct(
        public ?CarbonImmutable $finish,
        public ?CarbonImmutable $lowerBound,
        public array $broken,
        public ?int $setups,
        public ?float $milliseconds,
        public ?Said $trouble,
        public array $moved = [],
        public ?CarbonImmutable $movedAt = null,
        public bool $isWeighed = false,
    ) {
    }

    public static function none(): self
    {
        return new self(null, null, [], null, null, null);
    }

    public static function read(array $kept): self
    {
        $time = fn (string $key): ?CarbonImmutable => isset($kept[$key])
            ? CarbonImmutable::parse((string) $kept[$key]) : null;

        return new self(
            $time('finish'), $time('lower_bound'),
            array_values(
                array_map(fn (mixed $one): ShutWindow => ShutWindow::read((array) $one), $kept['broken'] ?? []),
            ),
            isset($kept['setups']) ? (int) $kept['setups'] : null,
            isset($kept['milliseconds']) ? (float) $kept['milliseconds'] : null,
            isset($kept['trouble']) ? SaidCast::of($kept['trouble']) : null,
            array_values(
                array_map(fn (mixed $one): DateMove => DateMove::read((array) $one), $kept['moved'] ?? []),
            ),
            $time('moved_at'), (bool) ($kept['weighed'] ?? false),
        );
    }

    public function toArray(): array
    {
        return [
            'finish' => $this->finish?->toIso8601ZuluString(),
            'lower_bound' => $this->lowerBound?->toIso8601ZuluString(),
            'broken' => array_map(fn (ShutWindow $one): array => $one->toArray(), $this->broken),
            'setups' => $this->setups, 'milliseconds' => $this->milliseconds, 'trouble' => $this->trouble,
            'moved' => array_map(fn (DateMove $one): array => $one->toArray(), $this->moved),
            'moved_at' => $this->movedAt?->toIso8601ZuluString(), 'weighed' => $this->isWeighed,
        ];
    }
}
