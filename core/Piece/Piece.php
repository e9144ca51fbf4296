<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Abrasive\Grit;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\CoatingTable;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Geometry\Profile;
use HonestGrain\Holding\Holding;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Wood\Wood;

/** A piece as the maker intends it: shape, wood, holding, sanding, marks and coats. The open document, read. */
final readonly class Piece
{
    public const FORMAT = 'honest-grain/piece';

    public const VERSION = 1;

    public const MAX_MARKS = 24;

    /**
     * @param  array<string, list<Grit>>  $ownGrits  by zone, where the maker sands in their own way
     * @param  list<Grit>|null  $abrasives  what is at hand, where the document says so
     * @param  list<Mark>  $marks
     * @param  list<CoatPlan>  $coatPlans
     */
    private function __construct(
        public string $name,
        public Form $form,
        public Wood $wood,
        public GrainDirection $grain,
        public float $moisturePercent,
        public Purpose $purpose,
        public ?\DateTimeImmutable $due,
        public Holding $holding,
        public Profile $profile,
        public float $toolMarkUm,
        public array $ownGrits,
        public ?array $abrasives,
        public array $marks,
        public array $coatPlans,
        public string $note,
    ) {
    }

    /**
     * Reads the open piece document, version 1.
     *
     * @throws \HonestGrain\Reading\BadInput naming the field that is wrong
     */
    public static function read(Document $document, Catalogue $catalogue, ?CoatingTable $coatings = null): self
    {
        $coatings ??= $catalogue->coatings();
        $document->choice('format', [self::FORMAT]);
        if ($document->integer('version', 1, 1_000_000) !== self::VERSION) {
            throw InvalidField::because('version', $document->value('version'), 'this release reads version '.self::VERSION);
        }
        $surface = $document->childOr('surface');
        $own = [];
        foreach ($surface->childOr('own')->keys() as $zone) {
            if (! in_array($zone, CoatPlan::ZONES, true)) {
                throw InvalidField::choice($surface->at("own.$zone"), $zone, CoatPlan::ZONES);
            }
            $grits = $surface->child('own')->strings($zone, 20);
            if ($grits !== []) {
                $own[$zone] = $catalogue->abrasives()->allNamed($grits, $surface->at("own.$zone"));
            }
        }
        $piece = new self(
            $document->text('name', 80),
            Form::from($document->choice('form', array_column(Form::cases(), 'value'))),
            $catalogue->woods()->named($document->text('wood')),
            GrainDirection::from($document->choice('grain', array_column(GrainDirection::cases(), 'value'))),
            $document->numberOr('moisture_percent', 10.0, 0, 200),
            Purpose::from($document->choice('purpose', array_column(Purpose::cases(), 'value'), Purpose::Handled->value)),
            $document->has('due_at') ? $document->time('due_at') : null,
            Holding::from($document->choice('holding', array_column(Holding::cases(), 'value'), Holding::Tenon->value)),
            Profile::read($document->child('shape')),
            $surface->numberOr('tool_mark_um', 80.0, 1, 5000),
            $own,
            $surface->has('abrasives') ? $catalogue->abrasives()->allNamed($surface->strings('abrasives', 200), $surface->at('abrasives')) : null,
            array_map(fn (Document $mark): Mark => Mark::read($mark, $coatings), $document->has('marks') ? $document->children('marks', self::MAX_MARKS) : []),
            array_map(fn (Document $plan): CoatPlan => CoatPlan::read($plan, $coatings), $document->has('coats') ? $document->children('coats', 6) : []),
            $document->textOr('note', '', 2000, lines: true) ?? '',
        );
        $piece->check();

        return $piece;
    }

    public function measure(float $minWallMm = Measurement::DEFAULT_MIN_WALL_MM): Measurement
    {
        return Measurement::of($this->profile, $this->grain, array_map(fn (Mark $mark) => $mark->band, $this->marks), $this->wood, $this->moisturePercent, $minWallMm);
    }

    public function coatPlanFor(string $zone): ?CoatPlan
    {
        foreach ($this->coatPlans as $plan) {
            if (in_array($zone, $plan->zones, true)) {
                return $plan;
            }
        }

        return null;
    }

    /** @return list<Mark> in the order in which they are made; like ones in the order of the document */
    public function marksInOrder(): array
    {
        $marks = $this->marks;
        usort($marks, fn (Mark $a, Mark $b): int => [$a->rank(), $a->band->on->value, $a->band->fromMm]
            <=> [$b->rank(), $b->band->on->value, $b->band->fromMm]);

        return $marks;
    }

    /**
     * Hands-on minutes of a mark: as typed, or the usual ones, which for a pen follow from the length of its strokes.
     */
    public function minutesOf(Mark $mark, Measurement $measured): float
    {
        return $mark->minutes ?? $mark->kind->usualMinutes(
            $measured->zones[$mark->band->id]->areaMm2, $this->wood->jankaN,
        );
    }

    /** @return list<string> the zones that food or drink would touch */
    public function foodZones(Measurement $measured): array
    {
        return isset($measured->zones['inside']) ? ['inside'] : ['outside', 'top'];
    }

    /** @return list<Mark> those that lie on a zone */
    public function marksOn(string $zone): array
    {
        return array_values(array_filter($this->marks, fn (Mark $mark): bool => $mark->band->on->zone() === $zone));
    }

    /** @return array<string, mixed> the open piece document */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT, 'version' => self::VERSION,
            'name' => $this->name, 'form' => $this->form->value, 'wood' => $this->wood->name, 'grain' => $this->grain->value,
            'moisture_percent' => $this->moisturePercent, 'purpose' => $this->purpose->value,
            'due_at' => $this->due?->format('Y-m-d\TH:i:s\Z'), 'holding' => $this->holding->value,
            'shape' => $this->profile->toArray(),
            'surface' => ['tool_mark_um' => $this->toolMarkUm, 'own' => (object) array_map(self::names(...), $this->ownGrits)]
                + ($this->abrasives === null ? [] : ['abrasives' => self::names($this->abrasives)]),
            'marks' => array_map(fn (Mark $mark): array => $mark->toArray(), $this->marks),
            'coats' => array_map(fn (CoatPlan $plan): array => $plan->toArray(), $this->coatPlans),
            'note' => $this->note,
        ];
    }

    /**
     * @param  list<Grit>  $grits
     * @return list<string>
     */
    private static function names(array $grits): array
    {
        return array_map(fn (Grit $grit): string => $grit->name, $grits);
    }

    private function check(): void
    {
        $ids = array_fill_keys(CoatPlan::ZONES, true);
        foreach ($this->marks as $i => $mark) {
            if (isset($ids[$mark->band->id]) || preg_match('/^[a-z0-9-]+$/', $mark->band->id) !== 1) {
                throw InvalidField::because("marks.$i.id", $mark->band->id, 'every mark needs a name of its own in small letters, digits and hyphens, and not that of a zone');
            }
            $ids[$mark->band->id] = true;
            Measurement::strip($this->profile, $mark->band);
        }
        $seen = [];
        foreach ($this->coatPlans as $i => $plan) {
            foreach ($plan->zones as $k => $zone) {
                if (isset($seen[$zone])) {
                    throw InvalidField::because("coats.$i.zones.$k", $zone, 'each zone takes its coats from one plan only');
                }
                $seen[$zone] = true;
            }
        }
    }
}
