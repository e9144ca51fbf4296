<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PlannedStep;
use App\Models\User;
use Carbon\CarbonInterface;
use HonestGrain\Abrasive\Scale;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Amount;
use HonestGrain\Coating\AmountUnit;

/** Words every figure in the units, clock and time zone that the reader prefers. */
final readonly class Show
{
    public function __construct(
        private bool $imperial = false,
        private bool $twelveHours = false,
        private bool $cami = false,
        public string $timeZone = 'UTC',
    ) {
    }

    public static function for(?User $user): self
    {
        return $user === null ? new self : new self($user->prefers('units') === 'imperial', $user->prefers('clock') === '12', $user->prefers('grits') === 'CAMI', $user->timeZone());
    }

    public function length(?float $mm, ?int $decimals = null): string
    {
        return $mm === null ? '–' : $this->number(Unit::Length, $mm, $decimals ?? ($this->imperial ? ($mm < 25 ? 3 : 2) : ($mm < 20 ? 1 : 0)));
    }

    /** A sentence of the core, which speaks in mm, in the reader's own units. */
    public function sentence(string $text): string
    {
        if (! $this->imperial) {
            return (string) preg_replace_callback(
                '/(\d+\.\d+) mm\b/', fn (array $m): string => $this->plain((float) $m[1]).' mm', $text,
            );
        }
        $text = (string) preg_replace('/(\d+(?:\.\d+)?) to (\d+(?:\.\d+)?) mm\b/', '$1 mm to $2 mm', $text);

        return (string) preg_replace_callback(
            '/(\d+(?:\.\d+)?) mm\b/', fn (array $m): string => $this->length((float) $m[1]), $text,
        );
    }

    public function unit(Unit $unit): string
    {
        return $unit->name($this->imperial);
    }

    /** The number alone, for a field to type in; empty where there is none. */
    public function field(Unit $unit, ?float $metric): string
    {
        return $metric === null ? '' : (string) round($unit->toReader($metric, $this->imperial), $unit->decimals($this->imperial));
    }

    /** A usual size to start from, as it would be typed: in inches to the next eighth. */
    public function usualSize(float $mm): string
    {
        return $this->imperial ? (string) (round($mm / 25.4 * 8) / 8) : (string) $mm;
    }

    /** A grit as it is typed: a bare number is one of the scale that the reader thinks in. */
    public function typedGrit(string $text): string
    {
        $grit = (string) preg_replace(
            [
                '/^p\s*(\d+)$/i', '/^cami\s*(\d+)$/i', '/^(\d+)$/',
            ], ['P$1', 'CAMI $1', $this->cami ? 'CAMI $1' : 'P$1'], trim($text),
        );

        return $grit;
    }

    /** The same for a number that has one unit everywhere (h, min, %, µm): as it is stored, never rounded for reading. */
    public function bare(?float $number): string
    {
        return $number === null ? '' : (string) round($number, 4);
    }

    /** What was typed into such a field, as it is stored. */
    public function typed(Unit $unit, float $typed): float
    {
        return $unit->toMetric($typed, $this->imperial);
    }

    /** The validation rule for such a field, in the reader's units. */
    public function between(Unit $unit, float $min, float $max): string
    {
        return 'between:'.$this->field($unit, $min).','.$this->field($unit, $max);
    }

    private function number(Unit $unit, float $metric, int $decimals): string
    {
        return number_format($unit->toReader($metric, $this->imperial), $decimals).' '.$this->unit($unit);
    }

    public function area(float $mm2): string
    {
        return $this->imperial ? number_format($mm2 / 645.16, 1).' in²' : number_format($mm2 / 100).' cm²';
    }

    public function mass(?float $g): string
    {
        if ($g === null) {
            return '–';
        }

        return $this->imperial ? number_format($g / 28.3495, 1).' oz' : number_format($g).' g';
    }

    public function volume(?float $ml): string
    {
        return $ml === null ? '–' : $this->number(Unit::Volume, $ml, $this->imperial ? 2 : ($ml < 10 ? 1 : 0));
    }

    /** How much to take of a product, in words: poured, sprayed, weighed or dropped. Null where a step takes none. */
    public function amount(Amount $amount): string
    {
        $ml = $amount->ml() ?? 0.0;

        return match ($amount->unit) {
            AmountUnit::Millilitres => 'pour '.$this->volume($ml),
            AmountUnit::Spray => 'spray about '.$this->volume($ml),
            AmountUnit::Grams => 'take '.$this->wax($amount->value),
            AmountUnit::Drops => sprintf('about %d drops (%s)', ceil($amount->value - 1e-9), $this->volume($ml)),
        };
    }

    /** The amount alone, for a table. */
    public function quantity(Amount $amount): string
    {
        return match ($amount->unit) {
            AmountUnit::Grams => $this->wax($amount->value),
            AmountUnit::Drops => ceil($amount->value - 1e-9).' drops',
            AmountUnit::Spray => $this->volume($amount->ml()).' spray',
            AmountUnit::Millilitres => $this->volume($amount->ml()),
        };
    }

    /** The same from a planned step. */
    public function stepAmount(PlannedStep $step): ?string
    {
        $amount = $step->amount();

        return $amount === null ? null : $this->amount($amount);
    }

    /** A mass as small as a coat of wax. */
    private function wax(float $g): string
    {
        return $this->imperial ? number_format($g / 28.3495, 2).' oz' : number_format($g, $g < 10 ? 1 : 0).' g';
    }

    public function temperature(float $c): string
    {
        return $this->plain(Unit::Temperature->toReader($c, $this->imperial)).' '.$this->unit(Unit::Temperature);
    }

    public function speed(float $mPerS): string
    {
        return $this->number(Unit::Speed, $mPerS, 1);
    }

    public function coverage(float $m2PerL): string
    {
        return $this->imperial ? $this->number(Unit::Coverage, $m2PerL, 0) : $this->plain($m2PerL).' '.$this->unit(Unit::Coverage);
    }

    /** A grit by its own name, and beside it the nearest of the scale the reader thinks in. */
    public function grit(string $name): string
    {
        if (str_starts_with($name, 'CAMI') === $this->cami) {
            return $name;
        }
        $table = app(Catalogue::class)->abrasives();
        $near = $table->nearest($table->named($name, 'grit'), $this->cami ? Scale::Cami : Scale::Fepa)->name;

        return "$name (≈ $near)";
    }

    public function minutes(float $minutes): string
    {
        $whole = (int) round($minutes);

        return $whole < 60 ? "$whole min" : sprintf('%d h %02d', intdiv($whole, 60), $whole % 60);
    }

    public function hours(?float $hours): string
    {
        return match (true) {
            $hours === null => '–',
            $hours >= 48 => $this->days($hours / 24),
            $hours >= 1 => $this->plain($hours).' h',
            default => round($hours * 60).' min',
        };
    }

    public function days(float $days): string
    {
        return $this->plain($days).($this->plain($days) === '1' ? ' day' : ' days');
    }

    public function time(CarbonInterface $at): string
    {
        return $at->copy()->setTimezone($this->timeZone)->format($this->twelveHours ? 'g:i a' : 'H:i');
    }

    public function day(CarbonInterface $at): string
    {
        return $at->copy()->setTimezone($this->timeZone)->format('D j M');
    }

    public function dayTime(CarbonInterface $at): string
    {
        return $this->isToday($at) ? $this->time($at) : $this->day($at).' '.$this->time($at);
    }

    public function isToday(CarbonInterface $at): bool
    {
        return $at->copy()->setTimezone($this->timeZone)->isSameDay(now($this->timeZone));
    }

    /** For a datetime-local field. */
    public function fieldTime(?CarbonInterface $at): string
    {
        return $at?->copy()->setTimezone($this->timeZone)->format('Y-m-d\TH:i') ?? '';
    }

    public function date(?CarbonInterface $at): string
    {
        return $at?->copy()->setTimezone($this->timeZone)->format('Y-m-d') ?? '';
    }

    public function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 1), '0'), '.');
    }
}
