<?php

declare(strict_types=1);

namespace App\Models\Kept;

use Carbon\CarbonImmutable;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/** What is told of a whole plan: when all is done, what could not be kept, and why there is none. */
final readonly class PlanSummary implements Kept
{
    /** A wider one says more of the bound than of the plan. */
    private const TOLD_GAP = 0.1;

    /**
     * @param  list<ShutWindow>  $broken
     * @param  list<DateMove>  $moved  pieces whose date the last change that moved any has moved
     * @param  CarbonImmutable|null  $movedAt  when that was
     * @param  bool  $isProved  whether no plan can be better
     * @param  list<PutOff>  $putOff  what was planned for this day before and no longer is
     * @param  list<Mounted>  $mounted  what stood in a chuck or on the lathe when it was made
     * @param  float|null  $gap  by which share it may be worse than the best there is; null where nobody knows
     * @param  Lived|null  $lived  where it was looked for at length, and says how long steps may be left
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
        public ?Lived $lived = null,
        public bool $isProved = false,
        public ?float $gap = null,
        public array $putOff = [],
        public array $mounted = [],
    ) {
    }

    /** How much better a plan could be, where that means something; empty where nobody knows. */
    public function gap(): string
    {
        return match (true) {
            $this->isProved => say('view.weeks-chart.proved'),
            $this->gap !== null && $this->gap < self::TOLD_GAP => say('view.weeks-chart.gap', [
                'percent' => Quantity::percent(max(1, ceil(1000 * $this->gap)) / 10),
            ]),
            default => '',
        };
    }

    /** How the chances of pieces were come by; empty where there are none. */
    public function chances(): string
    {
        if ($this->lived === null || $this->lived->futures === 0) {
            return '';
        }
        $said = [
            'futures' => $this->lived->futures, 'percent' => Quantity::percent(round(100 * $this->lived->share)),
        ];

        return $this->lived->records === 0 ? say('view.weeks-chart.futures-usual', $said)
            : say('view.weeks-chart.futures', $said + ['records' => $this->lived->records]);
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
            $time('moved_at'), isset($kept['lived']) ? Lived::read((array) $kept['lived']) : null,
            (bool) ($kept['proved'] ?? false), isset($kept['gap']) ? (float) $kept['gap'] : null,
            array_values(
                array_map(fn (mixed $one): PutOff => PutOff::read((array) $one), $kept['put_off'] ?? []),
            ),
            array_values(
                array_map(fn (mixed $one): Mounted => Mounted::read((array) $one), $kept['mounted'] ?? []),
            ),
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
            'moved_at' => $this->movedAt?->toIso8601ZuluString(), 'lived' => $this->lived?->toArray(),
            'proved' => $this->isProved, 'gap' => $this->gap,
            'put_off' => array_map(fn (PutOff $one): array => $one->toArray(), $this->putOff),
            'mounted' => array_map(fn (Mounted $one): array => $one->toArray(), $this->mounted),
        ];
    }
}
