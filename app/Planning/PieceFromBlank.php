<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Blank;
use App\Models\Piece as PieceRow;
use App\Models\Workshop;
use Closure;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Piece\Id;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\School\Wet;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Rack\DryingState;
use HonestGrain\Rack\Largest;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Route\FormsOnBlank;

/** Starts a piece from a blank: what carries over, what the blank yields, and the link between the two. */
final readonly class PieceFromBlank
{
    public function __construct(private Catalogue $catalogue, private ShopMapper $mapper, private Airs $airs)
    {
    }

    public function largest(Blank $blank): Largest
    {
        $workshop = Workshop::query()->findOrFail($blank->workshop_id);

        return Largest::outOf(
            $blank->core(), $this->mapper->tables($workshop)->woods->named($blank->wood),
            $this->catalogue->calibration(), $this->airs->equilibriumPercent($workshop, $blank->air),
        );
    }

    /** What could be made of it in this shop. */
    public function forms(Blank $blank): FormsOnBlank
    {
        $workshop = Workshop::query()->findOrFail($blank->workshop_id);

        return new FormsOnBlank(
            $blank->core(), $this->mapper->tables($workshop), $this->mapper->bench($workshop),
            $this->catalogue->stacks(),
        );
    }

    /** @return array<string, mixed> of the piece's document */
    public function more(Blank $blank): array
    {
        $core = $blank->core();

        return [
            'starts_as' => ($core->form->isRough() ? StartsAs::Roughed : StartsAs::Blank)->value,
            'school' => $blank->drying === DryingState::Ready ? [] : ['wet' => Wet::DriedFirst->value],
            'note' => trim(say('planning.piece-from-blank.from-number', [
                'number' => $blank->number,
                'source' => $core->source === '' ? '' : "$core->source. ",
                'note' => $core->note,
            ])),
        ];
    }

    /** The piece with the rings and flaws of the blank in its body, as far as its lines are long enough for them. */
    public function withFlaws(Blank $blank, Piece $piece): Piece
    {
        $body = $piece->body()->grown($blank->core()->rings, $piece->body()->figured);
        foreach ($blank->core()->flaws as $flaw) {
            $length = $body->lineMm($flaw->on);
            $body = $length > $flaw->fromMm ? $body->withFlaw($flaw->until(min($flaw->toMm, $length))) : $body;
        }

        return $piece->withPart($body);
    }

    /** The piece with all its parts cut from the blank, or its body alone, as they come out of it with their holds. */
    public function outOf(Blank $blank, Piece $piece): Piece
    {
        $all = array_map(fn (Part $part): string => $part->id, $piece->parts);
        foreach ([$all, [$piece->body()->id]] as $parts) {
            $stock = $blank->core()->stockOf(Id::fresh('s'), $blank->number, $parts);
            if ($stock?->laidOut($piece, $this->catalogue->calibration()->stock)->fits() === true) {
                return $piece->outOf($stock);
            }
        }

        return $piece;
    }

    /** @throws InvalidField at the size that the blank does not yield, with what it does */
    public function check(Blank $blank, Piece $piece): void
    {
        $body = $piece->body();
        $wall = Measurement::of(
            $this->catalogue->calibration()->shape, $body->profile, $body->grain,
        )->wall;
        $this->largest($blank)->check(
            $body->profile->diameterMm(), $body->profile->heightMm(),
            $blank->core()->form->isRough() ? $wall?->minMm : null,
        );
    }

    /** @return Closure(PieceRow): void */
    public function linking(Blank $blank): Closure
    {
        return function (PieceRow $piece) use ($blank): void {
            $blank->update([
                'piece_id' => $piece->id,
                // What still dries stays to be weighed until its piece takes it off the scale.
                'gone_at' => $blank->drying === DryingState::Ready ? now() : null,
            ]);
        };
    }
}
