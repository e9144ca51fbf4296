<?php

declare(strict_types=1);

namespace App\View;

use App\Models\OwnWood;
use HonestGrain\Wood\Dust;
use HonestGrain\Wood\Pore;
use HonestGrain\Wood\Wood;
use HonestGrain\Wood\WoodTable;
use Illuminate\Support\Collection;

/** All woods with their figures, and whose figures they are. */
final readonly class WoodsPanel
{
    /** @var Collection<string, OwnWood> by name */
    private Collection $own;

    /** @param  Collection<int, OwnWood>  $own */
    public function __construct(private WoodTable $table, Collection $own)
    {
        $this->own = $own->keyBy('name');
    }

    /** @return list<Wood> the workshop's own first, then by name */
    public function woods(): array
    {
        $woods = array_map($this->table->named(...), $this->table->names());
        usort($woods, fn (Wood $a, Wood $b): int => [! $this->own->has($a->name), $a->name]
            <=> [! $this->own->has($b->name), $b->name]);

        return $woods;
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
            'density' => $wood->figures->gravity12 === null ? null : number_format(
                $wood->densityGPerCm3(12.0) * 1000,
            ).' kg/m³',
            default => $wood->figures->tangentialPercent === null ? null : number_format(
                $wood->figures->tangentialPercent, 1,
            ).' %',
        };

        return $value === null ? '–' : $value.(isset($wood->borrowed[$which]) ? ' *' : '');
    }

    public function traits(Wood $wood): string
    {
        return implode(', ', array_filter([
            $wood->nature->oily ? 'oily' : '', $wood->nature->tannin ? 'tannin' : '',
            match ($wood->nature->pore) {
                Pore::Open => 'open pores',
                Pore::Softwood => 'softwood',
                Pore::Fine => '',
            },
            $wood->nature->dust === Dust::Common ? '' : 'dust '.$wood->nature->dust->value,
        ]));
    }

    /** @return array<string, string> */
    public function dusts(): array
    {
        return [
            Dust::Common->value => 'like any fine dust', Dust::Irritates->value => 'irritates',
            Dust::Sensitises->value => 'sensitises', Dust::SensitisesStrongly->value => 'sensitises strongly',
            Dust::Poisonous->value => 'is poisonous',
        ];
    }

    /** Whose figures a wood borrows. */
    public function lender(Wood $wood): string
    {
        return $wood->borrowed === [] ? '' : 'like '.lcfirst(array_values($wood->borrowed)[0]);
    }
}
