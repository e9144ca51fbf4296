<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Blank;
use App\Models\Piece;
use App\Models\Workshop;
use Closure;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Measurement;
use HonestGrain\Piece\StartsAs;
use HonestGrain\Rack\DryingState;
use HonestGrain\Rack\Largest;
use HonestGrain\Reading\InvalidField;

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

    /** @return array<string, mixed> of the piece's document */
    public function more(Blank $blank): array
    {
        $core = $blank->core();

        return [
            'starts_as' => ($core->form->isRough() ? StartsAs::Roughed : StartsAs::Blank)->value,
            'school' => $blank->drying === DryingState::Ready ? [] : ['wet' => 'dried-first'],
            'note' => trim("From number $blank->number. ".($core->source === '' ? '' : "$core->source. ").$core->note),
        ];
    }

    /**
     * The document with the flaws of the blank in its first part, as far as its lines are long enough for them.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public function withFlaws(Blank $blank, array $document): array
    {
        $profile = $this->mapper->piece(Workshop::query()->findOrFail($blank->workshop_id), $document)->body()->profile;
        foreach ($blank->core()->flaws as $flaw) {
            $length = $flaw->on->lengthMm($profile);
            if ($length > $flaw->fromMm) {
                $document['parts'][0]['features'][] = [
                    'to_mm' => round(min($flaw->toMm, $length), 2),
                ] + $flaw->toArray();
            }
        }

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document  of the piece
     *
     * @throws InvalidField at the size that the blank does not yield, with what it does
     */
    public function check(Blank $blank, array $document): void
    {
        $body = $this->mapper->piece(Workshop::query()->findOrFail($blank->workshop_id), $document)->body();
        $wall = Measurement::of(
            $this->catalogue->calibration()->shape, $body->profile, $body->grain,
        )->wall;
        $this->largest($blank)->check(
            $body->profile->diameterMm(), $body->profile->heightMm(),
            $blank->core()->form->isRough() ? $wall?->minMm : null,
        );
    }

    /** @return Closure(Piece): void */
    public function linking(Blank $blank): Closure
    {
        return function (Piece $piece) use ($blank): void {
            $blank->update([
                'piece_id' => $piece->id,
                // What still dries stays to be weighed until its piece takes it off the scale.
                'gone_at' => $blank->drying === DryingState::Ready ? now() : null,
            ]);
        };
    }
}
