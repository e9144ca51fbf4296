<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Coating\Between;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\CoatingTable;
use HonestGrain\Coating\Compatibility;
use HonestGrain\Coating\Denib;
use HonestGrain\Coating\PairVerdict;
use HonestGrain\Geometry\Face;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;

/** The coats of one or more faces, first on the wood first, and whether the last is buffed. */
final readonly class CoatPlan
{
    public const MAX_COATS = 16;

    /**
     * @param  list<string>  $zones
     * @param  list<Coat>  $coats
     */
    private function __construct(
        public string $id,
        public array $zones,
        public array $coats,
        public ?BuffWith $buff,
        public ?Sheen $sheen = null,
    ) {
    }

    /** Where its first face stands among all faces. */
    public function firstFace(): int
    {
        $places = array_keys(array_intersect(Face::names(), $this->zones));

        return $places === [] ? 0 : min($places);
    }

    public static function read(Document $plan, CoatingTable $table): self
    {
        $zones = $plan->strings('zones', count(Face::names()));
        foreach ($zones as $i => $zone) {
            if (! in_array($zone, Face::names(), true)) {
                throw InvalidField::choice($plan->at("zones.$i"), $zone, Face::names());
            }
        }
        if ($zones === [] || count(array_unique($zones)) !== count($zones)) {
            throw InvalidField::because($plan->at('zones'), $zones, 'it takes at least one zone, each once');
        }
        $coats = array_map(fn (Document $layer): Coat => new Coat(
            Id::read($layer),
            $table->coating($layer->text('product'), $layer->at('product')),
            $layer->has('denib') ? Denib::from($layer->choice('denib', array_column(Denib::cases(), 'value'))) : null,
        ), $plan->children('layers', self::MAX_COATS));

        $last = $coats[count($coats) - 1]->coating ?? null;
        // A bare face has no sheen to ask for.
        $sheen = $plan->has('sheen') && $last !== null
            ? Sheen::from($plan->choice('sheen', array_column(Sheen::cases(), 'value'))) : null;
        $usual = $sheen?->rub() ?? ($last?->isWax() === true ? BuffWith::Hand : BuffWith::Wheel);
        $with = $plan->choice('buff_with', array_column(BuffWith::cases(), 'value'), $usual->value);
        $isBuffed = $plan->flag('buff', false)
            || ($sheen !== null && $sheen->outOfReach($last) === null);

        return new self(
            Id::read($plan), $zones, $coats,
            $isBuffed ? BuffWith::from($with) : null, $sheen,
        );
    }

    /** "dewaxed shellac (2 lb cut), then 3 coats of wiping varnish (oil-based thinned)"; "bare" without coats. */
    public function inWords(): string
    {
        $runs = [];
        foreach ($this->coats as $i => $coat) {
            $isAsBelow = $i > 0 && $this->coats[$i - 1]->coating === $coat->coating;
            $runs[$isAsBelow ? count($runs) - 1 : count($runs)][] = lcfirst($coat->coating->class);
        }
        $words = array_map(fn (array $run): string => (count($run) > 1 ? count($run).' coats of ' : '').$run[0], $runs);

        return $words === [] ? 'bare' : implode(', then ', $words);
    }

    public function first(): ?Coating
    {
        return $this->coats[0]->coating ?? null;
    }

    /**
     * What its first coat does to each colour on its zones, once that has dried.
     *
     * @param  list<Mark>  $marks
     * @return list<array{Mark, PairVerdict}>
     */
    public function overColours(array $marks, CoatFigures $figures): array
    {
        $first = $this->first();
        if ($first === null) {
            return [];
        }
        $verdicts = [];
        foreach ($marks as $mark) {
            if ($mark->stain !== null && in_array($mark->band->on->zone(), $this->zones, true)) {
                $verdicts[] = [
                    $mark,
                    Compatibility::of(
                        $figures, $mark->stain, $first, Between::hours($mark->stain->coatFromHours),
                    ),
                ];
            }
        }

        return $verdicts;
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'zones' => $this->zones,
            'layers' => array_map(fn (Coat $coat): array => $coat->toArray(), $this->coats),
            'buff' => $this->buff !== null,
            'buff_with' => $this->buff?->value,
        ] + ($this->sheen === null ? [] : ['sheen' => $this->sheen->value]);
    }
}
