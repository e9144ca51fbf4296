<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Kept\Objection;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\PlannedStep;
use HonestGrain\Geometry\Form;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;

/** Pieces side by side, drawn to one scale, each with the one line that matters about it. */
final readonly class PieceShelf
{
    private const WIDEST_PX = 215.0;

    /** A wider piece than this sets the scale no further, mm. */
    private const WIDEST_MM = 340.0;

    private const TITLE = 58;

    private float $pxPerMm;

    /**
     * @param  iterable<Piece>  $pieces
     * @param  Collection<int, PlannedStep>  $next  by piece
     */
    public function __construct(iterable $pieces, private Collection $next, private Show $show)
    {
        $widest = max([1.0, ...array_map(fn (Piece $piece): float => $piece->diameter_mm, [...$pieces])]);
        $this->pxPerMm = self::WIDEST_PX / min(self::WIDEST_MM, $widest);
    }

    public function drawing(Piece $piece): string
    {
        // The drawing's own frame, mm: it has a margin, and all stand on the shelf at one scale.
        preg_match('/viewBox="\S+ \S+ (\S+) (\S+)"/', $piece->drawing, $frame);
        $size = sprintf(
            '<svg width="%d" height="%d" aria-hidden="true" ',
            round((float) ($frame[1] ?? $piece->diameter_mm) * $this->pxPerMm),
            round((float) ($frame[2] ?? $piece->height_mm) * $this->pxPerMm),
        );

        return (string) preg_replace('/^<svg /', $size, $piece->drawing);
    }

    public function late(Piece $piece): string
    {
        return $piece->isInWork() && $piece->late !== null
            ? say('view.piece-shelf.late', ['hours' => $this->show->hours($piece->late->hours)]) : '';
    }

    public function ready(Piece $piece): string
    {
        return match (true) {
            $this->late($piece) !== '' => '',
            $piece->ready_at !== null => ($piece->isInWork()
                ? say('view.piece-shelf.ready')
                : say('view.piece-shelf.finished'))
                .$this->show->day($piece->ready_at),
            $piece->isInWork() => say('view.piece-shelf.not-planned'),
            default => '',
        };
    }

    public function due(Piece $piece): string
    {
        return match (true) {
            $piece->due_at === null => '',
            $piece->isInWork() => say('view.piece-shelf.due', ['day' => $this->show->day($piece->due_at)]),
            $piece->isWish() => say('view.piece-shelf.promised', ['day' => $this->show->day($piece->due_at)]),
            default => '',
        };
    }

    public function next(Piece $piece): string
    {
        $step = $this->next->get($piece->id);

        return $step === null ? '' : say('view.piece-shelf.next', [
            'step' => Str::limit($this->show->said($step->title), self::TITLE),
        ]);
    }

    public function isForbidden(Piece $piece): bool
    {
        return array_filter($piece->conflicts, fn (Objection $one): bool => $one->forbids) !== [];
    }

    /**
     * @param  list<string>  $there
     * @return array<string, string> names of these forms, by their key
     */
    public static function forms(array $there, Show $show): array
    {
        $forms = array_filter(Form::cases(), fn (Form $form): bool => in_array($form->value, $there, true));

        return array_combine(
            array_column($forms, 'value'), array_map(fn (Form $form): string => $show->said($form->label()), $forms),
        );
    }

    /** @return array{string, string} what stands where there is no piece */
    public static function empty(string $sought, PieceState $state, bool $isNarrowed): array
    {
        return [
            match (true) {
                $sought !== '' => say('view.piece-shelf.no-piece-here-called', ['sought' => $sought]),
                $isNarrowed => say('view.piece-shelf.none-so'),
                $state === PieceState::Working => say('view.piece-shelf.no-pieces-work-yet'),
                default => say('view.piece-shelf.none-yet'),
            },
            match ($state) {
                PieceState::Working => say('view.piece-shelf.every-piece-starts-from'),
                PieceState::Wish => say('view.piece-shelf.wishes-come-here'),
                default => say('view.piece-shelf.pieces-come-here-when'),
            },
        ];
    }
}
