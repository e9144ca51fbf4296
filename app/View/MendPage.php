<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use App\Models\PlannedStep;
use Closure;
use HonestGrain\Drawing\FaultPicture;
use HonestGrain\Geometry\Profile;
use HonestGrain\Geometry\Surface;
use HonestGrain\Mending\FaultKind;
use HonestGrain\Mending\Mended;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Step;
use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;

/** The talk about something that went wrong: its pictures, its places, and its remedies side by side. */
final readonly class MendPage
{
    /** So many steps of a remedy are told at once. */
    private const SHOWN = 8;

    /**
     * @param  array<string, array{label: string, picture: string}>  $faults
     * @param  array<string, Said>  $places
     * @param  list<array<string, mixed>>  $remedies
     */
    private function __construct(
        public array $faults,
        public array $places,
        public array $remedies,
        public string $what,
    ) {
    }

    /** @param  list<FaultKind>  $seen  what can be wrong with the part as far as it has come */
    public static function asking(PlannedStep $step, array $seen, Show $show): self
    {
        $faults = $places = [];
        foreach ($seen as $kind) {
            $faults[$kind->value] = [
                'label' => $show->said($kind->label()), 'picture' => FaultPicture::of($kind->value),
            ];
        }
        $part = array_column($step->piece->document->fields()['parts'], null, 'id')[$step->part] ?? null;
        $profile = $part === null ? null : Profile::read(Document::of($part['shape'], 'shape'));
        foreach (Surface::cases() as $place) {
            if ($profile === null || $place->lengthMm($profile) > 0) {
                $places[$place->value] = $place->said();
            }
        }
        $likely = array_filter(array_map(Surface::of(...), $step->details->faces()));

        return new self($faults, $places, [], (array_values($likely)[0] ?? Surface::Outer)->value);
    }

    /**
     * @param  list<Mended>  $remedies
     * @param  Closure(Mended): (int|null)  $readyWith
     * @param  bool  $isByItself  whether those dates are by itself, with too much else in work
     */
    public static function choosing(
        Piece $piece,
        array $remedies,
        Closure $readyWith,
        Show $show,
        bool $isByItself = false,
    ): self {
        $kind = FaultKind::from((string) $piece->fault?->value('kind'));

        return new self([], [], array_map(function (Mended $mended) use ($readyWith, $show, $isByItself): array {
            $ready = $readyWith($mended);

            $steps = array_map(fn (Step $step): array => [
                'title' => $step->words->title, 'minutes' => $show->minutes($step->timing->minutes),
                'again' => in_array($step->id, $mended->remedy->again, true),
            ], $mended->steps);

            return [
                'id' => $mended->remedy->id, 'title' => $mended->remedy->title, 'because' => $mended->remedy->because,
                'minutes' => $show->minutes(max(0.0, $mended->addedMinutes)),
                'wait' => $mended->addedWaitHours > 0 ? $show->hours($mended->addedWaitHours)
                    : say('view.mend-page.no-wait'),
                'ready' => $ready === null
                    ? say('view.mend-page.no-date')
                    : $show->dayTime(Carbon::createFromTimestamp($ready))
                        .($isByItself ? ' '.say('view.route-page.by-itself') : ''),
                'shown' => array_slice($steps, 0, self::SHOWN), 'more' => array_slice($steps, self::SHOWN),
                'spared' => array_map(fn (Step $step): array => [
                    'title' => $step->words->title, 'minutes' => $show->minutes($step->timing->minutes),
                ], array_filter($mended->spared, fn (Step $step): bool => $step->timing->minutes > 0)),
            ];
        }, $remedies), $show->said($kind->label()));
    }
}
