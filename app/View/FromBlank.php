<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Blank;
use App\Models\Workshop;
use HonestGrain\Geometry\Form;
use HonestGrain\Rack\BlankForm;
use HonestGrain\Rack\DryingState;
use HonestGrain\Rack\Largest;
use HonestGrain\Route\FormOnBlank;
use HonestGrain\Wood\Wood;
use HonestGrain\Words\Unit;

/** The new-piece page as it opens for a blank: the form it suits, and the sizes it yields. */
final readonly class FromBlank
{
    private const MOST_CHOICES = 200;

    /** @param  FormOnBlank|null  $chosen  as large as comes out of it, where a form was chosen */
    private function __construct(
        public Blank $blank, public Form $form, private Largest $largest, private Show $show,
        private ?FormOnBlank $chosen = null,
    ) {
    }

    /** The form that was chosen for it. */
    public static function as(FormOnBlank $chosen, Blank $blank, Largest $largest, Show $show): self
    {
        return new self($blank, $chosen->form, $largest, $show, $chosen);
    }

    public static function of(Blank $blank, Largest $largest, Show $show): self
    {
        return new self($blank, match (BlankForm::from($blank->form)) {
            BlankForm::RoughBowl, BlankForm::Round => Form::DeepBowl,
            BlankForm::RoughHollow, BlankForm::Log => Form::HollowForm,
            BlankForm::Slab => Form::Platter,
            BlankForm::Branch => Form::Goblet,
            BlankForm::SpindleStock, BlankForm::PlugStock => Form::Spindle,
        }, $largest, $show);
    }

    /**
     * The blanks that a piece may be cut from: on the rack, and for no other piece.
     *
     * @return array<int|string, string> by id; what stands without one first
     */
    public static function choices(Workshop $workshop, ?Blank $chosen, Show $show): array
    {
        $blanks = $workshop->blanks()->onRack()->whereNull('piece_id')->orderBy('number')->limit(self::MOST_CHOICES)
            ->get(['id', 'number', 'wood', 'drying']);
        if ($chosen !== null && ! $blanks->contains('id', $chosen->id)) {
            $blanks->prepend($chosen);
        }

        return ['' => say('view.from-blank.none')] + $blanks->mapWithKeys(fn (Blank $one): array => [
            $one->id => say('view.from-blank.choice', [
                'number' => $one->number, 'wood' => $show->wood($one->wood), 'state' => self::state($one),
            ]),
        ])->all();
    }

    private static function state(Blank $blank): string
    {
        return say($blank->drying === DryingState::Ready ? 'view.from-blank.ready' : 'view.from-blank.still-drying');
    }

    public function what(): string
    {
        return say('view.from-blank.from-number', [
            'number' => $this->blank->number,
            'wood' => $this->show->wood($this->blank->wood),
            'state' => self::state($this->blank),
        ]);
    }

    public function most(): string
    {
        $mm = $this->show->atMost(...);
        $wall = $this->largest->wallMm === null ? '' : say('view.from-blank.wall', [
            'mm' => $mm(max(0.0, $this->largest->wallMm)),
        ]);
        $sure = $this->largest->isSure ? '' : say('view.from-blank.shrinkage-not-known-less');

        return say('view.from-blank.most-across-high', [
            'across' => $mm($this->largest->diameterMm),
            'high' => $mm($this->largest->heightMm),
            'wall' => $wall,
            'sure' => $sure,
        ]);
    }

    public function grain(): string
    {
        return $this->blank->core()->grain->value;
    }

    public function moisture(): ?string
    {
        // Nobody has weighed it, or its weights do not say: wood that is not known to be dry is wet.
        $percent = $this->blank->moisture_percent
            ?? ($this->blank->drying === DryingState::Ready ? null : Wood::FIBRE_SATURATION_PERCENT);

        return $percent === null ? null : $this->show->plain($percent);
    }

    /** @return array<string, string> by field, as they would be typed */
    public function sizes(): array
    {
        if ($this->chosen !== null) {
            return array_map(
                fn (float $value): string => $this->show->field(Unit::Length, floor($value)), $this->chosen->sizesMm,
            );
        }
        $usual = $this->form->sizes();
        $mm = fn (float $value): string => $this->show->field(Unit::Length, floor($value));
        $wall = $usual['wall_mm'];

        return [
            'diameter' => $mm($this->largest->diameterMm * Largest::EASY),
            'height' => $mm($this->largest->heightMm * Largest::EASY),
            'foot' => $mm($this->largest->diameterMm * $usual['foot_mm'] / max(1.0, $usual['diameter_mm'])),
            'wall' => $mm($this->largest->wallMm === null ? $wall : max(1.0, min($wall, $this->largest->wallMm))),
            'bore' => $mm($usual['bore_mm']),
        ];
    }
}
