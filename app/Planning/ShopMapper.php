<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Air;
use App\Models\Piece;
use App\Models\Tin;
use App\Models\Worker;
use App\Models\Workshop;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\CoatingTable;
use HonestGrain\Coating\CureClock;
use HonestGrain\Piece\Piece as CorePiece;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Shop;
use HonestGrain\Route\ShopLimits;
use HonestGrain\Route\Skill;
use HonestGrain\Schedule\Person;
use HonestGrain\Wood\Wood;

/** Builds the core's view of a workshop from its rows: hours, air, abrasives, tins. */
final readonly class ShopMapper
{
    public function __construct(private Catalogue $catalogue, private Airs $airs)
    {
    }

    /** The clock of what dries in this shop, in each of its airs. */
    public function clock(Workshop $workshop): CureClock
    {
        return new CureClock(
            $this->catalogue->calibration()->coats,
            $this->airs->climate($workshop, $workshop->airs->firstWhere('kind', Air::SHOP)),
            $this->airs->others($workshop),
        );
    }

    /** @param  Piece|null  $piece  where its coats dry, if not where the shop's usually do */
    public function bench(Workshop $workshop, ?Piece $piece = null): Bench
    {
        $air = $piece?->air_id === null ? null : $this->airs->forCoats($workshop, $piece);
        $table = $this->catalogue->abrasives();

        return new Bench(
            $table, $table->allNamed($workshop->grits(), 'abrasives'), $this->catalogue->calibration(),
            new ShopLimits(
                $workshop->sanding_cap_m_s, $workshop->min_wall_mm,
                self::toHalfAPoint($this->airs->settled($workshop)), round($this->airs->roomC($workshop)),
            ),
            school: $workshop->school(),
            sharesAir: $air === null ? ! $workshop->dries_apart : Airs::name($air) === '',
            equipment: $workshop->equipment(), learnt: $workshop->learnt(),
        );
    }

    /** @return array<string, int> what there is of each thing that steps use */
    public function resources(Workshop $workshop): array
    {
        return Shop::resources($workshop->spare_chucks);
    }

    /**
     * Who works here; nobody is named where one pair of hands does everything in the shop's hours. A skill that nobody
     * has is everybody's, so that no step is left over.
     *
     * @return list<Person>
     */
    public function people(Workshop $workshop): array
    {
        $workers = $workshop->workers->reject(fn (Worker $worker): bool => $worker->isGone($workshop));
        $missing = array_filter(Skill::cases(), fn (Skill $skill): bool => ! $workers->contains(
            fn (Worker $worker): bool => $worker->canDo($skill),
        ));

        return array_values($workers->map(function (Worker $worker) use ($workshop, $missing): Person {
            $person = $worker->person($workshop);

            return new Person($person->id, $person->hours, [
                ...$person->can, ...array_map(fn (Skill $skill): string => $skill->value, array_values($missing)),
            ]);
        })->all());
    }

    public function coatings(Workshop $workshop): CoatingTable
    {
        return $this->typical($workshop)->withLabels($workshop->tins->mapWithKeys(
            fn (Tin $tin): array => [$tin->product => $tin->label->figures],
        )->all());
    }

    /** The catalogue's finishes and the shop's own mixes, before any tin says otherwise. */
    public function typical(Workshop $workshop): CoatingTable
    {
        $table = $this->catalogue->coatings();
        foreach ($workshop->mixes as $mix) {
            $table = $table->withMix($mix->typed);
        }

        return $table;
    }

    /** The catalogue's tables with this workshop's labels and woods over them, its finishes in the air they dry in. */
    public function tables(Workshop $workshop, ?Piece $piece = null): Tables
    {
        $air = Airs::name($this->airs->forCoats($workshop, $piece));
        $tables = Tables::of($this->catalogue)->withCoatings($this->coatings($workshop)->dryingIn($air));
        $tables = $tables->withTooling($workshop->equipment()->tooling())->withDyes($workshop->dyeFactors());
        foreach ($workshop->woods as $wood) {
            $tables = $tables->withWood(Wood::typed($wood->typed, $tables->woods));
        }

        return $tables;
    }

    /** The same for the same document, read by the same tables and release; in whatever air its finishes dry. */
    public function key(Workshop $workshop, Piece $piece): string
    {
        return hash('xxh128', serialize([
            Release::current(), $piece->document,
            $workshop->tins->pluck('label', 'product')->all(), $workshop->woods->pluck('typed')->all(),
            $workshop->mixes->pluck('typed')->all(), $workshop->equipment, $workshop->dyeFactors(),
        ]));
    }

    public function piece(Workshop $workshop, Document $document, ?Piece $piece = null): CorePiece
    {
        return CorePiece::read($document, $this->tables($workshop, $piece));
    }

    /** So that a reading of the air does not make every route new. */
    private static function toHalfAPoint(float $percent): float
    {
        return round($percent * 2) / 2;
    }
}
