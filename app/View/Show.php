<?php

declare(strict_types=1);

namespace App\View;

use App\Models\User;
use Carbon\CarbonInterface;
use HonestGrain\Abrasive\Scale;
use HonestGrain\Catalogue\Catalogue;

/** Words every figure in the units, clock and time zone that the reader prefers. */
final readonly class Show
{
    private const MM_PER_INCH = 25.4;

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
        if ($mm === null) {
            return '–';
        }

        return $this->imperial
            ? number_format($mm / self::MM_PER_INCH, $decimals ?? ($mm < 25 ? 3 : 2)).' in'
            : number_format($mm, $decimals ?? ($mm < 20 ? 1 : 0)).' mm';
    }

    /** A sentence of the core, which speaks in mm, in the reader's own units. */
    public function sentence(string $text): string
    {
        return $this->imperial
            ? (string) preg_replace_callback('/(\d+(?:\.\d+)?) mm\b/', fn (array $m): string => $this->length((float) $m[1]), $text)
            : $text;
    }

    /** The number alone, for a field to type in. */
    public function lengthValue(float $mm): string
    {
        return (string) round($this->imperial ? $mm / self::MM_PER_INCH : $mm, $this->imperial ? 3 : 1);
    }

    public function lengthUnit(): string
    {
        return $this->imperial ? 'in' : 'mm';
    }

    public function mmFrom(float $typed): float
    {
        return $this->imperial ? $typed * self::MM_PER_INCH : $typed;
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
        if ($ml === null) {
            return '–';
        }

        return $this->imperial ? number_format($ml / 29.5735, 2).' fl oz' : number_format($ml, $ml < 10 ? 1 : 0).' mL';
    }

    public function temperature(float $c): string
    {
        return $this->imperial ? number_format($c * 9 / 5 + 32).' °F' : rtrim(rtrim(number_format($c, 1), '0'), '.').' °C';
    }

    public function speed(float $mPerS): string
    {
        return $this->imperial ? number_format($mPerS * 3.28084, 1).' ft/s' : number_format($mPerS, 1).' m/s';
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
            $hours >= 48 => $this->plain($hours / 24).' days',
            $hours >= 1 => $this->plain($hours).' h',
            default => round($hours * 60).' min',
        };
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
