<?php

declare(strict_types=1);

namespace HonestGrain\Lathework;

use HonestGrain\Reading\Row;

/** How far hollowing bars reach past the rest before they chatter, by their diameter. Trade: `catalogue/bars.csv`. */
final readonly class BarTable
{
    /** @param  non-empty-array<int, float>  $reachMm  by diameter, mm, the thinnest first */
    private function __construct(private array $reachMm)
    {
    }

    /** @param  list<Row>  $rows */
    public static function of(array $rows): self
    {
        $reach = [];
        foreach ($rows as $row) {
            $reach[(int) $row->number('diameter_mm')] = $row->number('reach_mm');
        }
        ksort($reach);

        return new self($reach === [] ? throw new \LogicException('The catalogue has no bars.') : $reach);
    }

    /**
     * The thinnest bar that reaches so deep, mm; null where none does.
     *
     * @param  list<float>  $owned  none where the shop has not said: it is taken to have what is sold
     */
    public function reaching(float $deepMm, array $owned): ?float
    {
        $bars = $owned === [] ? array_map(floatval(...), array_keys($this->reachMm)) : $owned;
        sort($bars);
        foreach ($bars as $bar) {
            if ($this->reachMm($bar) >= $deepMm) {
                return $bar;
            }
        }

        return null;
    }

    /** How far a bar reaches, mm: as the next thinner of the table; 0 for one that is thinner than all. */
    public function reachMm(float $barMm): float
    {
        $reach = 0.0;
        foreach ($this->reachMm as $diameter => $mm) {
            $reach = $barMm >= $diameter ? $mm : $reach;
        }

        return $reach;
    }
}
