<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Coating\Binder;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\ColourFamily;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Coating\ProductHazard;
use HonestGrain\Coating\Stain;
use HonestGrain\Geometry\Band;
use HonestGrain\Layout\OwnRepeat;
use HonestGrain\Reading\Copy;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Technique\Binds;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Decoration\Dye;
use HonestGrain\Technique\Decoration\Paint;
use HonestGrain\Technique\Ground;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Settings;
use HonestGrain\Technique\Worked;
use HonestGrain\Words\Said;

/**
 * One decoration on one band: hands-on minutes where the maker typed them, hours to wait after it, its colour and what
 * it is laid on or bound with.
 */
final readonly class Mark
{
    /** What may be typed: hands-on minutes, and hours to wait. */
    public const MAX_MINUTES = 2400.0;

    public const MAX_WAIT_HOURS = 2000.0;

    public const MAX_NAME = 40;

    public Band $band;

    public Decoration $technique;

    public int $orderRank;

    public ?float $minutes;

    public ?float $typedWaitHours;

    public float $waitHours;

    public ?Stain $stain;

    public ?Coating $paint;

    public ?Binder $binder;

    public bool $isClassTaken;

    public ?string $colour;

    public ?string $note;

    public ?bool $sandedBack;

    public Settings $set;

    public ?string $name;

    private function __construct(Document $mark, Tables $tables)
    {
        $technique = $tables->techniques->decoration(
            $mark->choice('technique', $tables->techniques->decorationKeys()), $mark->at('technique'),
        );
        // Minutes, wait_hours, product, colour, sand_back, and what the technique asks for.
        $settings = $mark->childOr('settings');
        Id::read($mark);
        $product = $technique->nature() === Nature::Colours ? $settings->textOr('product', null) : null;
        [$stain, $paint] = self::product($technique, $product, $tables, $settings->at('product'));
        $set = Settings::read($settings);
        $binder = $technique instanceof Binds ? $tables->coatings->binder($technique->binder($set)) : null;
        $colour = $settings->textOr('colour', null, 7);
        if ($colour !== null && preg_match('/^#[0-9a-fA-F]{6}$/D', $colour) !== 1) {
            throw InvalidField::type($settings->at('colour'), $colour, new Said('piece.mark.a-colour'));
        }
        $wait = $settings->numberOr('wait_hours', null, 0, self::MAX_WAIT_HOURS);
        $this->band = Band::read($mark);
        $this->technique = $technique;
        $this->orderRank = $tables->techniques->rank($technique);
        $this->minutes = $settings->numberOr('minutes', null, 0, self::MAX_MINUTES);
        $this->typedWaitHours = $wait;
        $this->waitHours = $wait ?? $stain->coatFromHours ?? $paint->recoatFromHours ?? $binder->setHours
                ?? $technique->waitHours($tables->calibration->marks);
        $this->stain = $stain;
        $this->paint = $paint;
        $this->binder = $binder;
        $this->isClassTaken = $product === null && ($stain !== null || $paint !== null);
        $this->colour = $colour;
        $this->note = $mark->textOr('note', null, 500, lines: true);
        $this->sandedBack = $settings->has('sand_back') ? $settings->flag('sand_back', false) : null;
        $this->set = $set;
        $this->name = $mark->textOr('name', null, self::MAX_NAME);
    }

    public static function read(Document $mark, Tables $tables): self
    {
        return new self($mark, $tables);
    }

    /**
     * The stain or the paint that it is; the usual one of its kind where none is chosen.
     *
     * @return array{Stain|null, Coating|null}
     */
    private static function product(Decoration $technique, ?string $class, Tables $tables, string $field): array
    {
        $paints = $technique instanceof Paint ? $tables->coatings->paints() : [];
        if ($class !== null && ! isset($paints[$class])) {
            return [$tables->coatings->stain($class, $field), null];
        }
        if ($paints !== []) {
            return [null, $class === null ? array_values($paints)[0] : $paints[$class]];
        }
        foreach (ColourFamily::cases() as $family) {
            if ($family->technique() === $technique->key()) {
                return [$tables->coatings->usualStain($family), null];
            }
        }

        return [null, null];
    }

    /** Its name for a reader. */
    public function productName(): ?Said
    {
        return $this->stain?->name() ?? $this->paint?->name() ?? $this->binder?->productName;
    }

    /** The class of what is laid on or filled in; null where nothing is. */
    public function productClass(): ?string
    {
        return $this->stain->class ?? $this->paint->class ?? $this->binder->product ?? null;
    }

    /** @return list<ProductHazard> what the label of that warns of */
    public function productHazards(): array
    {
        return [
            ...$this->stain->hazards ?? [], ...$this->paint->hazards ?? [], ...$this->binder->hazards ?? [],
        ];
    }

    public function kinetics(): ?Kinetics
    {
        return $this->stain?->kinetics() ?? $this->paint?->kinetics() ?? $this->binder?->kinetics();
    }

    public function id(): string
    {
        return $this->band->id;
    }

    /** As the maker calls it, or by its technique. */
    public function label(): Said
    {
        return $this->name === null ? $this->technique->label() : Said::name($this->name);
    }

    /** All that its technique needs: what is set, over what is likely on its ground. */
    public function settled(Ground $ground, Calibration $calibration): Settings
    {
        return $this->set->over($this->technique->likely($ground, $calibration));
    }

    public function worked(Ground $ground, Calibration $calibration): Worked
    {
        return $this->technique->worked($this->settled($ground, $calibration), $ground, $calibration);
    }

    public function colours(): bool
    {
        return $this->technique->nature() === Nature::Colours;
    }

    /** Whether it soaks in as a layer that others may go over, so that it can be sanded back between. */
    public function isLayered(): bool
    {
        return $this->technique instanceof Dye && ($this->stain === null || $this->stain->family->isLayered());
    }

    /** How dark its colour is, 0 (black) to 1; what is not chosen counts as middling. */
    public function lightness(): float
    {
        $hex = ltrim($this->colour ?? '#808080', '#');
        [$r, $g, $b] = array_map(hexdec(...), str_split($hex, 2));

        return (0.2126 * $r + 0.7152 * $g + 0.0722 * $b) / 255;
    }

    /** What the maker does, for a step's title: a bleach is not dyed on. */
    public function action(): Said
    {
        return $this->technique instanceof Dye && $this->stain !== null ? $this->stain->family->action()
            : $this->technique->action();
    }

    /** Why this one stands where it stands. */
    public function because(): Said
    {
        return match (true) {
            $this->stain?->takesColourOut() === true => new Said('piece.mark.bare-sanded-wood-before'),
            $this->stain?->needsSealed === true, $this->stain?->isWax() === true => new Said(
                'piece.mark.after-every-other-colour',
            ),
            default => $this->technique->because(),
        };
    }

    /** The same on another stretch of its line. */
    public function placed(float $fromMm, float $toMm): self
    {
        return Copy::with($this, ['band' => Band::on($this->id(), $this->band->on, $fromMm, $toMm)]);
    }

    /** @throws OffItsLine where it would begin before its line does */
    public function moved(float $byMm): self
    {
        return $this->band->fromMm + $byMm < 0 ? throw OffItsLine::by($this, -$this->band->fromMm - $byMm)
            : $this->placed($this->band->fromMm + $byMm, $this->band->toMm + $byMm);
    }

    /** One more like it, by an id of its own. */
    public function another(): self
    {
        return Copy::with($this, ['band' => Band::on(
            Id::fresh('m'), $this->band->on, $this->band->fromMm, $this->band->toMm,
        )]);
    }

    /** The same with a repeat of the maker's own; none where nothing is drawn. */
    public function repeating(?OwnRepeat $own): self
    {
        return Copy::with($this, ['set' => $this->set->repeating($own)]);
    }

    /** Whether it is a dye on the very band of another mark, to the hundredth of a mm that documents hold. */
    public function isDyeOn(Band $band): bool
    {
        return $this->technique instanceof Dye && $this->band->covers($band);
    }

    public function overlaps(self $other): bool
    {
        return $this->band->on === $other->band->on
            && $this->band->fromMm < $other->band->toMm && $other->band->fromMm < $this->band->toMm;
    }

    /** Smaller comes first where both lie on one part: among colours, what takes colour out comes first. */
    public function rank(): float
    {
        return $this->orderRank + ($this->stain?->rank() ?? 0) / 10;
    }

    /** @return array<string, mixed> what is set for it, as in the document */
    public function settings(): array
    {
        return [
            'minutes' => $this->minutes, 'wait_hours' => $this->typedWaitHours,
            'product' => $this->isClassTaken ? null : $this->stain->class ?? $this->paint->class ?? null,
            'colour' => $this->colour,
        ] + ($this->sandedBack === null ? [] : ['sand_back' => $this->sandedBack]) + $this->set->toArray();
    }

    /** @return array<string, mixed> as in the document */
    public function toArray(): array
    {
        return [
            'id' => $this->band->id, 'technique' => $this->technique->key(), 'on' => $this->band->on->value,
            'from_mm' => round($this->band->fromMm, 2), 'to_mm' => round($this->band->toMm, 2),
            'settings' => $this->settings(), 'note' => $this->note,
        ] + ($this->name === null ? [] : ['name' => $this->name]);
    }
}
