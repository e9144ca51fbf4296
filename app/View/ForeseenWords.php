<?php

declare(strict_types=1);

namespace App\View;

use App\Figures\Foreseen;
use App\Figures\ForeseenDay;
use App\Models\Kept\Objection;
use HonestGrain\Drawing\Assembly;
use HonestGrain\Piece\Sheen;
use HonestGrain\Recipe\Serves;
use HonestGrain\Route\StepKind;
use HonestGrain\Words\Said;
use Illuminate\Support\Carbon;

/** What a piece would come to, in words: its date, its hours, what it uses up, and what it is good for. */
final readonly class ForeseenWords
{
    private const DAYS = 7;

    private const WAIT_MOST_DAYS = 14;

    private Serves $serves;

    /** @param  list<Said>  $left  of its recipe, that had no place */
    public function __construct(public Foreseen $foreseen, public array $left, private Show $show)
    {
        $this->serves = Serves::of($foreseen->piece);
    }

    /** "Ready Fri 4 Dec, 11 days to spare" */
    public function verdict(): string
    {
        $ready = $this->foreseen->ready;

        return $ready === null ? say('view.foreseen.no-date')
            : say($this->foreseen->leftOut > 0 ? 'view.foreseen.by-itself' : 'view.foreseen.ready', [
                'day' => $this->show->day($ready), 'spare' => $this->spare($ready),
            ]);
    }

    private function spare(Carbon $ready): string
    {
        $due = $this->foreseen->piece->due;
        $days = $due === null ? 0.0 : $ready->diffInHours(Carbon::instance($due)) / 24;

        return match (true) {
            $due === null => '',
            $days < 0 => say('view.foreseen.late', ['time' => $this->show->hours(-24 * $days)]),
            $days < 1 => say('view.foreseen.just'),
            default => say('view.foreseen.spare', ['days' => (int) floor($days)]),
        };
    }

    public function isLate(): bool
    {
        $due = $this->foreseen->piece->due;

        return $this->foreseen->ready === null || ($due !== null && $this->foreseen->ready->gt($due));
    }

    public function day(): string
    {
        return $this->foreseen->ready === null ? say('view.foreseen.no-date')
            : $this->show->day($this->foreseen->ready);
    }

    public function hands(): string
    {
        return $this->show->minutes($this->foreseen->minutes);
    }

    /** What its date leaves out; empty where it is a date among all that is in work. */
    public function leavesOut(): string
    {
        return $this->foreseen->leftOut === 0 ? ''
            : say('view.foreseen.left-out', ['count' => $this->foreseen->leftOut]);
    }

    /** "2 h 50 min of your hands, 31 mL of oil-varnish blend, 9 discs." */
    public function uses(): string
    {
        $discs = (int) array_sum($this->foreseen->discs);
        $used = array_map(fn (string $product, float $ml): string => say('view.foreseen.ml', [
            'amount' => $this->show->volume($ml), 'product' => $this->show->product($product),
        ]), array_keys($this->foreseen->ml), $this->foreseen->ml);

        return say('view.foreseen.uses', ['used' => array_values(array_filter([
            say('view.foreseen.hands', ['time' => $this->hands()]), ...$used,
            $discs === 0 ? '' : say('view.foreseen.discs', ['count' => $discs]),
        ]))]);
    }

    /** What is used up, in the coin of the shelf; empty where nothing of it has a price. */
    public function cost(): string
    {
        return match (true) {
            $this->foreseen->cost <= 0 => '',
            $this->foreseen->isPriced => number_format($this->foreseen->cost, 2),
            default => say('view.foreseen.at-least', ['sum' => number_format($this->foreseen->cost, 2)]),
        };
    }

    /** "Food once cured, as the label says. Water: a damp cloth. Shine: matt." */
    public function serves(): string
    {
        return say('view.foreseen.serves', [
            'food' => $this->food(), 'water' => $this->water(), 'sheen' => $this->sheen(),
        ]);
    }

    public function food(): string
    {
        return say('view.foreseen.food.'.($this->serves->food->value ?? 'bare'));
    }

    public function water(): string
    {
        return say("view.foreseen.water.{$this->serves->water->value}");
    }

    public function sheen(): string
    {
        return implode(', ', array_map(
            fn (Sheen $sheen): string => mb_lcfirst($this->show->said($sheen->label())), $this->serves->sheens,
        ));
    }

    /** @return list<string> what does not go together, why there is no date, and what of a recipe was left out */
    public function remarks(): array
    {
        $objections = array_map(
            fn (Objection $one): string => $this->show->said($one->message), $this->foreseen->objections,
        );
        $trouble = $this->foreseen->trouble === null ? [] : [$this->show->said($this->foreseen->trouble)];

        return array_values(array_unique([
            ...$trouble, ...array_map(fn (Said $one): string => $this->show->said($one), $this->left), ...$objections,
        ]));
    }

    /**
     * @return list<array{day: string, does: string, minutes: string, waits: int}> `waits`: days since the one before,
     *     of fourteen
     */
    public function days(): array
    {
        $rows = [];
        $before = null;
        foreach (array_slice($this->foreseen->days, 0, self::DAYS) as $one) {
            $rows[] = [
                'day' => $this->show->day($one->day), 'does' => $this->does($one),
                'minutes' => $this->show->minutes($one->minutes),
                'waits' => $before === null ? 0 : min(
                    self::WAIT_MOST_DAYS, max(0, (int) round($before->diffInDays($one->day)) - 1),
                ),
            ];
            $before = $one->day;
        }

        return $rows;
    }

    /** How many days there are besides those that are told. */
    public function moreDays(): int
    {
        return max(0, count($this->foreseen->days) - self::DAYS);
    }

    /** "turn, sand" */
    private function does(ForeseenDay $day): string
    {
        $words = array_map(fn (StepKind $kind): string => say('view.foreseen.does.'.match ($kind) {
            StepKind::Mount, StepKind::Turn, StepKind::RoughOut, StepKind::Foot => 'turn',
            StepKind::Sand, StepKind::RaiseGrain, StepKind::DustOff, StepKind::Denib, StepKind::Paper => 'sand',
            StepKind::Mark, StepKind::Sign => 'decorate',
            StepKind::Coat, StepKind::WipeOff, StepKind::Test => 'coat',
            StepKind::Buff => 'buff',
            StepKind::Repair, StepKind::Glue, StepKind::FitLid => 'fit',
            default => 'look',
        }), $day->kinds);

        return implode(', ', array_unique($words));
    }

    public function drawing(): string
    {
        $core = $this->foreseen->piece;

        return Assembly::of($core, substr(hash('xxh128', $core->encoded()), 0, 8))->small(1.0);
    }
}
