<?php

declare(strict_types=1);

namespace App\View;

use App\Models\OwnWood;
use HonestGrain\Calibration\WoodRates;
use HonestGrain\Lathework\WoodSuits;
use HonestGrain\Wood\Dust;
use HonestGrain\Wood\Pore;
use HonestGrain\Wood\Wood;
use HonestGrain\Wood\WoodTable;
use Illuminate\Support\Collection;

/** All woods with their figures, and whose figures they are. */
final readonly class WoodsPanel
{
    /** By what woods can be ranked. */
    public const RANKED = ['wall', 'wet', 'grip', 'tear'];

    /** @var Collection<string, OwnWood> by name */
    private Collection $own;

    /** @param  Collection<int, OwnWood>  $own */
    public function __construct(
        private WoodTable $table, private WoodRates $rates, Collection $own, private string $by = '',
    ) {
        $this->own = $own->keyBy('name');
    }

    /** @return list<Wood> the workshop's own first, then by name */
    public function woods(): array
    {
        $woods = array_map($this->table->named(...), $this->table->names());
        usort($woods, fn (Wood $a, Wood $b): int => [! $this->own->has($a->name), $a->name]
            <=> [! $this->own->has($b->name), $b->name]);

        if (! in_array($this->by, self::RANKED, true)) {
            return $woods;
        }
        $rank = fn (Wood $wood): float => match ($this->by) {
            'wall' => $this->suits($wood)->leastWallMm ?? INF,
            'wet' => $this->suits($wood)->ovalPercent ?? INF,
            'grip' => -($this->suits($wood)->gripN ?? 0.0),
            default => $this->suits($wood)->tears ?? INF,
        };
        usort($woods, fn (Wood $a, Wood $b): int => [$rank($a), $a->name] <=> [$rank($b), $b->name]);

        return $woods;
    }

    public function isBy(string $by): bool
    {
        return $this->by === $by;
    }

    /** What it lends itself to at the lathe. */
    public function suits(Wood $wood): WoodSuits
    {
        return new WoodSuits($wood, $this->rates);
    }

    /** @return array<string, string> what it lends itself to, in words, by what it is ranked by */
    public function ranks(Wood $wood, Show $show): array
    {
        $suits = $this->suits($wood);
        [$grip, $tears] = [$suits->grip(), $suits->tearing()];

        return [
            'wall' => $suits->leastWallMm === null ? '–' : $show->length($suits->leastWallMm, $show->fine()),
            'wet' => $suits->ovalPercent === null ? '–' : number_format($suits->ovalPercent, 1).' %',
            'grip' => $grip === null ? '–' : say("view.woods-panel.grip.$grip"),
            'tear' => $tears === null ? '–' : say("view.woods-panel.tears.$tears"),
        ];
    }

    public function own(Wood $wood): ?OwnWood
    {
        return $this->own->get($wood->name);
    }

    /** "5 872 N", marked where it is another wood's; a dash where none is known. */
    public function figure(Wood $wood, string $which): string
    {
        $value = match ($which) {
            'hardness' => $wood->figures->jankaN === null ? null : number_format($wood->figures->jankaN).' N',
            'density' => $wood->figures->gravity12 === null ? null
                : number_format($wood->densityGPerCm3(12.0) * 1000).' kg/m³',
            default => $wood->figures->tangentialPercent === null ? null : number_format(
                $wood->figures->tangentialPercent, 1,
            ).' %',
        };

        return $value === null ? '–' : $value.(isset($wood->borrowed[$which]) ? ' *' : '');
    }

    /** What it is like, and whose figures it has. */
    public function about(Wood $wood, Show $show): string
    {
        return implode('; ', array_filter([$this->traits($wood), $this->lender($wood, $show)]));
    }

    private function traits(Wood $wood): string
    {
        return implode(', ', array_filter([
            $wood->nature->oily ? say('view.woods-panel.oily') : '',
            $wood->nature->tannin ? say('view.woods-panel.tannin') : '',
            match ($wood->nature->pore) {
                Pore::Open => say('view.woods-panel.open-pores'),
                Pore::Softwood => say('view.woods-panel.pores.softwood'),
                Pore::Fine => '',
            },
            $wood->nature->dust === Dust::Common ? '' : say('view.woods-panel.dust', [
                'dust' => say('view.woods-panel.dusty.'.self::key($wood->nature->dust)),
            ]),
        ]));
    }

    /** @return array<string, string> */
    public function dusts(): array
    {
        $words = fn (Dust $dust): string => say('view.woods-panel.dusts.'.self::key($dust));

        return array_column(array_map(fn (Dust $dust): array => [$dust->value, $words($dust)], Dust::cases()), 1, 0);
    }

    /** @return array<string, string> */
    public function pores(): array
    {
        return lines('view.woods-panel.pores');
    }

    private static function key(Dust $dust): string
    {
        return $dust === Dust::Common ? 'common' : str_replace(' ', '-', $dust->value);
    }

    /** Whose figures a wood borrows. */
    private function lender(Wood $wood, Show $show): string
    {
        return $wood->borrowed === [] ? '' : say('view.woods-panel.like', [
            'borrowed' => mb_lcfirst($show->wood(array_values($wood->borrowed)[0])),
        ]);
    }
}
