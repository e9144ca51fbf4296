<?php

declare(strict_types=1);

namespace HonestGrain\Route\Internal;

use HonestGrain\Coating\FoodUse;
use HonestGrain\Coating\WaterResistance;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\FaceUse;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Conflict;
use HonestGrain\Route\Internal\Work\Repair;
use HonestGrain\Wood\Dust;
use HonestGrain\Wood\Pore;
use HonestGrain\Words\Said;

/**
 * Whether what lies on and in a face may touch food, drink, water and skin: wood, fills, inlays, colours, size and
 * coats each have to grant it.
 *
 * @internal
 */
final readonly class Contents
{
    private function __construct(
        private Piece $piece,
        private Part $part,
        private Tables $tables,
    ) {
    }

    /** @return list<Conflict> */
    public static function of(Piece $piece, Part $part, Tables $tables): array
    {
        $self = new self($piece, $part, $tables);

        return [
            ...$self->notForFood(), ...$self->poison(), ...$self->onSkin(), ...$self->water(),
        ];
    }

    /** Whether nothing on or in the faces that food touches forbids it. */
    public static function grantFood(Piece $piece, Part $part, Tables $tables): bool
    {
        return (new self($piece, $part, $tables))->notForFood() === [];
    }

    /** @return list<Conflict> one for each thing that does not grant it */
    private function notForFood(): array
    {
        $faces = $this->faces(FaceUse::Food);
        if ($faces === []) {
            return [];
        }
        $conflicts = [];
        if ($this->part->wood->nature->dust === Dust::Poisonous) {
            $conflicts[] = Conflict::forbid(
                ["{$this->part->id}/weigh", "{$this->part->id}.{$faces[0]->value}/sand"],
                new Said('route.contents.poisonous-no-coat-makes', [
                    'wood' => $this->part->wood->said(),
                    'what' => $faces[0]->said(),
                ]),
                [new Said('route.contents.choose-wood-fit-food'), new Said('route.contents.not-for-food')],
            );
        }
        foreach ($this->onThem($faces) as [$id, $class, $face]) {
            $conflicts[] = Conflict::forbid(
                [$id], new Said('route.contents.not-food-cured-or', ['class' => $class, 'face' => $face->said()]),
                [
                    new Said('route.contents.choose-one-may-hold'), new Said('route.contents.keep-off-face'),
                    new Said('route.contents.not-for-food'),
                ],
            );
        }

        return $conflicts;
    }

    /**
     * @param  list<Face>  $faces
     * @return list<array{string, Said, Face}> id, name and face of what is not for food there
     */
    private function onThem(array $faces): array
    {
        $found = [];
        foreach ($this->part->coatPlans as $plan) {
            $touched = Face::among($plan->zones, $faces);
            foreach ($touched === [] ? [] : $plan->coats as $coat) {
                if ($coat->coating->food === FoodUse::No) {
                    $found[] = [$coat->id, $coat->coating->name(), $touched[0]];
                }
            }
        }
        foreach ($this->part->marks as $mark) {
            $face = $mark->band->on->face();
            foreach (in_array($face, $faces, true) ? [$mark->stain, $mark->paint, $mark->binder] : [] as $product) {
                if ($product?->food === FoodUse::No) {
                    $found[] = [$mark->id(), $product->name(), $face];
                }
            }
        }
        foreach ($this->part->flaws as $flaw) {
            $face = $flaw->on->face();
            $binder = in_array($face, $faces, true) ? Repair::binderOf($flaw, $this->part, $this->tables) : null;
            if ($binder?->food === FoodUse::No) {
                $found[] = [$flaw->id, $binder->name(), $face];
            }
        }

        return $found;
    }

    /** @return list<Conflict> a poisonous wood where somebody may drink, whatever the piece was meant for */
    private function poison(): array
    {
        if ($this->part->wood->nature->dust !== Dust::Poisonous || $this->faces(FaceUse::Food) !== []) {
            return [];
        }
        $isSaid = $this->isCup() || $this->faces(FaceUse::Water) !== [] || $this->faces(FaceUse::Damp) !== [];

        return $isSaid ? [Conflict::warn(
            [], new Said('route.contents.poisonous-nobody-drinks-from', ['wood' => $this->part->wood->said()]),
            [new Said('route.contents.say-so-card-under'), new Said('route.contents.choose-wood-fit-food')],
        )] : [];
    }

    /** @return list<Conflict> */
    private function onSkin(): array
    {
        $dust = $this->part->wood->nature->dust;
        $touched = [...$this->faces(FaceUse::Food), ...$this->faces(FaceUse::Worn)];
        $worn = $this->faces(FaceUse::Worn);
        if ($dust === Dust::SensitisesStrongly && $touched !== []) {
            return [Conflict::warn(
                [], new Said('route.contents.sensitises-strongly-lips-skin', [
                    'wood' => $this->part->wood->said(),
                    'what' => $touched[0]->said(),
                ]),
                [
                    new Said('route.contents.choose-milder-wood'),
                    new Said('route.contents.lay-film-over-label'),
                ],
            )];
        }

        return $dust === Dust::Poisonous && $worn !== [] ? [Conflict::forbid(
            [], new Said('route.contents.poisonous-worn-skin', [
                'wood' => $this->part->wood->said(),
                'what' => $worn[0]->said(),
            ]),
            [new Said('route.contents.choose-another-wood')],
        )] : [];
    }

    /** @return list<Conflict> what does not stand the water that its face is to hold */
    private function water(): array
    {
        $conflicts = [];
        $faces = [...$this->faces(FaceUse::Water), ...$this->faces(FaceUse::Damp)];
        foreach ($this->part->coatPlans as $plan) {
            $last = $plan->coats[count($plan->coats) - 1] ?? null;
            if ($last === null || Face::among($plan->zones, $faces) === []) {
                continue;
            }
            if ($last->coating->water === WaterResistance::Low) {
                $conflicts[] = Conflict::warn(
                    [$last->id], new Said('route.contents.does-not-stand-water', ['class' => $last->coating->name()]),
                    [new Said('route.contents.line-inside-epoxy'), new Said('route.contents.say-under-shape-piece')],
                );
            }
            $isOpen = $this->part->wood->nature->pore === Pore::Open && $this->faces(FaceUse::Water) !== []
                && array_filter($plan->coats, fn ($coat): bool => $coat->coating->buildsFilm()) === [];
            if ($isOpen) {
                $conflicts[] = Conflict::warn(
                    [$last->id], new Said('route.contents.has-open-pores-oil', ['wood' => $this->part->wood->said()]),
                    [new Said('route.contents.line-inside-epoxy'), new Said('route.contents.build-film-closes-pores')],
                );
            }
        }

        return $conflicts;
    }

    /** Somebody will drink from it. */
    private function isCup(): bool
    {
        return $this->piece->form === Form::Goblet && $this->part === $this->piece->body();
    }

    /** @return list<Face> */
    private function faces(FaceUse $use): array
    {
        $faces = $this->part->facesFor($use, $this->piece->purposeOf($this->part));

        return $use === FaceUse::Food && $this->isCup()
            ? [...$faces, ...$this->part->facesFor(FaceUse::Water, $this->piece->purposeOf($this->part))] : $faces;
    }
}
