<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Calibration\CoatFigures;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Reading\Row;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Said;

/**
 * A class of finish as its label gives it. Waits are reference hours at 21 °C, 50 % RH; coverage m²/L;
 * solids percent by volume. Catalogue values are typical ones, replaced field by field by the user's label.
 */
final readonly class Coating implements Product
{
    /** The fields a label may replace, with their ranges. */
    public const LABEL_FIELDS = [
        'solids_percent' => [1, 100],
        'coverage_m2_per_l' => [0.5, 120],
        'dust_free_h' => [0, 400],
        'recoat_from_h' => [0, 800],
        'recoat_until_h' => [0, 2000],
        'wax_after_h' => [0, 4000],
        'buffable_h' => [0, 4000],
        'handle_h' => [0, 2000],
        'clamp_after_h' => [0, 2000],
        'full_cure_days' => [0, 365],
        'min_c' => [-10, 40],
        'max_rh' => [10, 100],
        'pot_life_minutes' => [1, 2000],
    ];

    public string $class;

    public string $key;

    public Family $family;

    public Cure $cure;

    public Solvent $solvent;

    public FilmKind $film;

    public float $solidsPercent;

    public float $coverageM2PerL;

    public float $dustFreeHours;

    public float $recoatFromHours;

    public ?float $recoatUntilHours;

    public ?float $waxAfterHours;

    public float $buffableHours;

    public float $handleHours;

    public float $clampAfterHours;

    public float $fullCureDays;

    public float $minC;

    public float $maxRhPercent;

    public bool $ragsSelfHeat;

    public Humidity $humidity;

    public Laying $applied;

    public ?WipeWindow $wipe;

    public float $residueMl;

    public AmountUnit $unit;

    public float $gramsPerM2;

    public ?float $potLifeMinutes;

    public bool $seals;

    public FoodUse $food;

    public WaterResistance $water;

    /** @var list<ProductHazard> */
    public array $hazards;

    /** @var list<string> the fields that the user's own label gave */
    public array $fromLabel;

    private string $air;

    /** @var list<MixPart> what is in it, most of it first, where it is the maker's own mix */
    public array $mix;

    /** The key of its note, or what the maker noted of a mix. */
    private string $note;

    /**
     * @param  array<string, float>  $label field => value, replacing the catalogue's
     * @param  string  $air  that it dries in, as a `CureClock` names it
     */
    private function __construct(Row $row, array $label = [], string $air = '')
    {
        foreach ($label as $field => $value) {
            $range = self::LABEL_FIELDS[$field] ?? throw InvalidField::choice(
                "label.$field", $field, array_keys(self::LABEL_FIELDS),
            );
            if (! is_finite($value) || $value < $range[0] || $value > $range[1]) {
                throw InvalidField::range("label.$field", $value, $range[0], $range[1]);
            }
        }
        $number = fn (string $field): float => $label[$field] ?? $row->number($field);
        $optional = fn (string $field): ?float => $label[$field] ?? $row->numberOrNull($field);
        $until = $optional('recoat_until_h');
        if ($until !== null && $until <= $number('recoat_from_h')) {
            throw InvalidField::because(
                'label.recoat_until_h', $until,
                new Said('coating.coating.window-must-close-after', [
                    'what' => Quantity::hours($number('recoat_from_h')),
                ]),
            );
        }

        $wipeAfter = $row->numberOrNull('wipe_after_min');
        $this->class = $row->text('class');
        $this->key = $row->text('key');
        $this->family = Family::from($row->text('family'));
        $this->cure = Cure::from($row->text('cure'));
        $this->solvent = Solvent::from($row->text('solvent'));
        $this->film = FilmKind::from($row->text('film'));
        $this->solidsPercent = $number('solids_percent');
        $this->coverageM2PerL = $number('coverage_m2_per_l');
        $this->dustFreeHours = $number('dust_free_h');
        $this->recoatFromHours = $number('recoat_from_h');
        $this->recoatUntilHours = $until;
        $this->waxAfterHours = $optional('wax_after_h');
        $this->buffableHours = $optional('buffable_h') ?? 0.0;
        $this->handleHours = $number('handle_h');
        $this->clampAfterHours = max($number('handle_h'), $number('clamp_after_h'));
        $this->fullCureDays = $number('full_cure_days');
        $this->minC = $number('min_c');
        $this->maxRhPercent = $number('max_rh');
        $this->ragsSelfHeat = $row->flag('rags_self_heat');
        $this->humidity = Humidity::from($row->text('humidity'));
        $this->applied = Laying::from($row->text('applied'));
        $this->wipe = $wipeAfter === null ? null : new WipeWindow($wipeAfter, $row->number('wipe_until_min'));
        $this->residueMl = $row->number('residue_ml');
        $this->unit = AmountUnit::from($row->text('unit'));
        $this->gramsPerM2 = $row->numberOrNull('grams_per_m2') ?? 0.0;
        $this->potLifeMinutes = $optional('pot_life_minutes');
        $this->seals = $row->flag('seals');
        $this->food = FoodUse::from($row->text('food'));
        $this->water = WaterResistance::from($row->text('water'));
        $this->hazards = ProductHazard::allIn($row->text('hazards'));
        $this->fromLabel = array_keys($label);
        $this->air = $air;
        $this->mix = self::parts($row);
        $this->note = $row->text('note');
    }

    /**
     * @param  array<string, float>  $label field => value, replacing the catalogue's
     * @param  string  $air  that it dries in, as a `CureClock` names it
     */
    public static function fromRow(Row $row, array $label = [], string $air = ''): self
    {
        return new self($row, $label, $air);
    }

    /** @return list<MixPart> */
    private static function parts(Row $row): array
    {
        $cells = $row->has('mix') ? json_decode($row->text('mix'), true, flags: JSON_THROW_ON_ERROR) : [];

        return array_map(MixPart::read(...), array_values((array) $cells));
    }

    public function name(): Said
    {
        return $this->mix === [] ? ProductName::of($this->key, $this->class) : Said::name($this->class);
    }

    public function note(): Said
    {
        if ($this->mix === []) {
            return new Said("products.note.$this->note");
        }
        $mixed = new Said('products.mix.of', [
            'parts' => array_map(fn (MixPart $part): Quantity => Quantity::number($part->parts), $this->mix),
            'of' => array_map(fn (MixPart $part): Said => $part->name(), $this->mix),
        ]);

        return $this->note === '' ? $mixed
            : new Said('products.mix.noted', ['mix' => $mixed, 'note' => $this->note]);
    }

    public function source(): Said
    {
        return $this->mix === [] ? new Said('products.typical') : new Said('products.mix.source');
    }

    public function class(): string
    {
        return $this->class;
    }

    public function solvent(): Solvent
    {
        return $this->solvent;
    }

    public function hazards(): array
    {
        return $this->hazards;
    }

    public function kinetics(): Kinetics
    {
        return Kinetics::of($this->cure->q(), $this->humidity, $this->minC, $this->maxRhPercent)->in($this->air);
    }

    public function fullCureHours(): float
    {
        return $this->fullCureDays * 24;
    }

    /** Exact: 1 m²/L is a millimetre of liquid per thousand, so wet µm = 1000/coverage. */
    public function wetUm(): float
    {
        return 1000 / $this->coverageM2PerL;
    }

    /** What stays of a coat, µm: wet film × solids; nothing stands on the wood for an oil or a wax. */
    public function dryUm(): float
    {
        return $this->wetUm() * $this->solidsPercent / 100;
    }

    /**
     * The film that a coat adds, µm: none for oils and waxes, half for a thin sealer that soaks into bare wood.
     */
    public function standsUm(bool $onBareWood, CoatFigures $figures): float
    {
        return match (true) {
            ! $this->buildsFilm() => 0.0,
            $onBareWood && $this->seals => $figures->sealerLeaves * $this->dryUm(),
            default => $this->dryUm(),
        };
    }

    public function buildsFilm(): bool
    {
        return $this->film === FilmKind::Film;
    }

    public function isWax(): bool
    {
        return $this->film === FilmKind::Wax;
    }

    /** What it wants of the wood under it. */
    public function ground(): GroundAsked
    {
        return $this->family->ground() ?? match ($this->film) {
            FilmKind::Penetrating => GroundAsked::Penetrating,
            FilmKind::Film => GroundAsked::Film,
            FilmKind::Wax => GroundAsked::Polish,
        };
    }

    /** Cut with abrasive grains, so that it works as a last grit; it leaves a trace of wax. */
    public function isAbrasivePaste(): bool
    {
        return $this->ground() === GroundAsked::Paste;
    }

    /** Whether it goes on while the work turns. */
    public function isSpunOn(): bool
    {
        return $this->applied === Laying::OnTheLathe || $this->isAbrasivePaste();
    }

    /** Whether wax goes over it, or it over wax, for good: an oil that never cures does so only where wax is in it. */
    public function takesWax(): bool
    {
        return $this->waxAfterHours !== null;
    }

    /** Casein paint: dries matt and open, so that oil soaks into it. */
    public function isOpenPaint(): bool
    {
        return $this->family === Family::Paint && $this->cure === Cure::Reactive;
    }

    public function isCuringOil(): bool
    {
        return $this->film === FilmKind::Penetrating && $this->cure !== Cure::None;
    }

    public function neverCures(): bool
    {
        return $this->cure === Cure::None;
    }

    /** A film that dissolves again in its own solvent, so that coats melt into one. */
    public function meltsIntoItself(): bool
    {
        return $this->buildsFilm() && $this->cure === Cure::Evaporative;
    }

    public function isShellac(): bool
    {
        return $this->family->isShellac();
    }

    /** Shellac with oil in it, fused by heat on the lathe. */
    public function isPolish(): bool
    {
        return $this->family->ground() === GroundAsked::Polish;
    }

    /** A first coat so thin that what comes over it shows the wood's own surface (workshop). */
    public function isThinUnderPolish(): bool
    {
        return $this->seals || $this->family->isThin();
    }

    /** How its can is made ready, in a sentence (workshop). */
    public function readied(): ?Said
    {
        return $this->isSprayed() && $this->unit === AmountUnit::Spray
            ? new Said('coating.coating.shake-can-two-minutes') : $this->family->readied();
    }

    public function isSprayed(): bool
    {
        return $this->applied === Laying::Sprayed;
    }
}
