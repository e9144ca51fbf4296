<?php

declare(strict_types=1);

namespace HonestGrain\Route;

use HonestGrain\Coating\ProvenStack;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\GrainDirection;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Piece\Id;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Starter;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Piece\Tables;
use HonestGrain\Rack\Blank;
use HonestGrain\Rack\Largest;
use HonestGrain\Rack\Pith;
use HonestGrain\Reading\BadInput;
use HonestGrain\Reading\Document;

/**
 * The forms that could be made of one blank, beside each other: how much is lost, what it weighs, how much of it is
 * heartwood, and the minutes of hands with the usual finish.
 */
final readonly class FormsOnBlank
{
    /** How much smaller each try is, and of its usual size the least that is still that form (workshop). */
    private const SMALLER = 0.94;

    private const LEAST_SHARE = 0.3;

    private Largest $largest;

    /** @param  list<ProvenStack>  $stacks */
    public function __construct(
        private Blank $blank,
        private Tables $tables,
        private Bench $bench,
        private array $stacks,
    ) {
        $this->largest = Largest::outOf(
            $blank, $tables->woods->named($blank->wood), $tables->calibration, $bench->equilibriumPercent,
        );
    }

    /**
     * Every form whose grain runs as the blank's does and that comes out of it, the least lost first.
     *
     * @return list<FormOnBlank> none for what is hollowed already
     */
    public function all(): array
    {
        $found = array_values(array_filter(array_map($this->one(...), Form::cases())));
        usort($found, fn (FormOnBlank $a, FormOnBlank $b): int => $a->lostShare <=> $b->lostShare);

        return $found;
    }

    /** As large as comes out of it; null where nothing of that form does. */
    public function one(Form $form): ?FormOnBlank
    {
        $isFor = ! $this->blank->form->isRough() && $form->grain() === $this->blank->grain
            && ($form !== Form::NaturalEdge || $this->blank->hasBark());
        $usual = $form->sizes();
        $most = Largest::EASY * min(
            $this->largest->diameterMm / $usual['diameter_mm'], $this->largest->heightMm / $usual['height_mm'],
        );
        for ($share = $isFor ? $most : 0.0; $share >= self::LEAST_SHARE; $share *= self::SMALLER) {
            $sizes = [
                'diameter' => $usual['diameter_mm'] * $share, 'height' => $usual['height_mm'] * $share,
                'foot' => $usual['foot_mm'] * $share, 'wall' => $usual['wall_mm'] * min(1.0, $share),
                'bore' => $usual['bore_mm'] * min(1.0, $share),
            ];
            $piece = $this->drawn($form, $sizes);
            if ($piece !== null) {
                return $this->weighed($form, $piece, $sizes);
            }
        }

        return null;
    }

    /** @param  array{diameter: float, height: float, foot: float, wall: float, bore: float}  $mm */
    private function drawn(Form $form, array $mm): ?Piece
    {
        try {
            $profile = $form->profile($mm['diameter'], $mm['height'], $mm['foot'], $mm['wall'], $mm['bore']);
            $piece = Piece::read(Document::of(Starter::document(
                $this->tables->calibration->joints, $form, $profile, $this->stacks, [
                    'name' => $form->value, 'wood' => $this->blank->wood, 'grain' => $this->blank->grain->value,
                    'moisture_percent' => $this->bench->equilibriumPercent, 'starts_as' => StartsAs::Blank->value,
                ],
            )), $this->tables);
        } catch (BadInput) {
            return null;
        }
        $stock = $this->blank->stockOf(Id::fresh('s'), null, array_map(
            fn (Part $part): string => $part->id, $piece->parts,
        ));

        return $stock?->laidOut($piece, $this->tables->calibration->stock)->fits() === true
            ? $piece->outOf($stock) : null;
    }

    /** @param  array{diameter: float, height: float, foot: float, wall: float, bore: float}  $sizes */
    private function weighed(Form $form, Piece $piece, array $sizes): FormOnBlank
    {
        $volume = array_sum(array_map(
            fn (Part $part): float => Measurement::volumeOf($part->profile), $piece->parts,
        ));
        $masses = array_map(fn (Part $part): ?float => $part->massG(), $piece->parts);
        $route = Route::of($piece, $this->bench, $this->tables);

        return new FormOnBlank(
            form: $form, piece: $piece, sizesMm: $sizes,
            lostShare: max(0.0, 1 - $volume / Measurement::volumeOf($this->blank->profile())),
            massG: in_array(null, $masses, true) ? null : array_sum($masses),
            heartShare: $this->heartShare($piece, $volume), handsMinutes: $route->handsOnMinutes(),
            canBeDated: ! $route->isForbidden(),
        );
    }

    /** Physics: of what is turned about the pith, all within the sapwood is heartwood. */
    private function heartShare(Piece $piece, float $volume): ?float
    {
        $within = $this->blank->heartRadiusMm();
        if ($within === null || $this->blank->grain !== GrainDirection::End || $this->blank->pith === Pith::Out) {
            return null;
        }

        return array_sum(array_map(
            fn (Part $part): float => Measurement::volumeWithin($part->profile, $within), $piece->parts,
        )) / $volume;
    }
}
