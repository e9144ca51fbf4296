<?php

declare(strict_types=1);

namespace App\View;

use App\Figures\Colder;
use App\Models\LogEntry;
use App\Models\PlannedStep;
use App\Models\Tin;
use App\Models\User;
use App\Models\Workshop;
use Carbon\CarbonInterface;
use HonestGrain\Abrasive\Scale;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\Amount;
use HonestGrain\Coating\AmountUnit;
use HonestGrain\Coating\Humidity;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Geometry\Face;
use HonestGrain\Geometry\Form;
use HonestGrain\Geometry\FormUse;
use HonestGrain\Words\Quantity;
use HonestGrain\Words\Reader;
use HonestGrain\Words\Said;
use HonestGrain\Words\Sentences;
use HonestGrain\Words\Unit;

/** Words every figure in the units, clock and time zone that the reader prefers. */
final readonly class Show
{
    private Reader $reader;

    private Sentences $sentences;

    /** @var \WeakMap<Said, string> a page names the same step up to five times */
    private \WeakMap $words;

    public function __construct(
        private Catalogue $catalogue,
        private bool $imperial = false,
        private bool $twelveHours = false,
        private bool $cami = false,
        public string $timeZone = 'UTC',
        string $language = Sentences::ENGLISH,
    ) {
        $calendar = (new Sentences($language))->lines('words.calendar');
        $this->reader = new Reader($imperial, $twelveHours, $timeZone, $calendar);
        $this->sentences = new Sentences($language, $this->reader, $catalogue);
        $this->words = new \WeakMap();
    }

    public static function for(?User $user, Catalogue $catalogue): self
    {
        $language = lang_path(config()->string('app.locale'));

        return $user === null ? new self($catalogue, language: $language) : new self(
            $catalogue, $user->prefers('units') === 'imperial', $user->prefers('clock') === '12',
            $user->prefers('grits') === 'CAMI', $user->timeZone(), $language,
        );
    }

    public function length(?float $mm, ?int $decimals = null): string
    {
        return $mm === null ? '–' : $this->number(
            Unit::Length, $mm, $decimals ?? ($this->imperial ? ($mm < 25 ? 3 : 2) : ($mm < 20 ? 1 : 0)),
        );
    }

    /** What is said, in the reader's units; a name, and what somebody wrote, as it is. */
    public function said(Said|string|null $said): string
    {
        return $said instanceof Said ? $this->words[$said] ??= $this->sentences->say($said) : (string) $said;
    }

    /** @return array<string, string> all lines under a code, by their last key */
    public function lines(string $code): array
    {
        return $this->sentences->lines($code);
    }

    /** A wood of the catalogue, or one of the workshop's own, by the name that documents have it by. */
    public function wood(string $name): string
    {
        return $this->said($this->catalogue->woods()->nameOf($name));
    }

    /**
     * Woods with their names, as choices of a form.
     *
     * @param  array<string>  $names
     * @return array<string, string>
     */
    public function woods(array $names): array
    {
        return array_combine($names, array_map($this->wood(...), $names));
    }

    /** A moment in a form of PHP's, with days and months of the reader's language. */
    public function dated(CarbonInterface $at, string $form): string
    {
        return $this->reader->dated($at, $form);
    }

    /** A drawing with its words. */
    public function drawn(?string $svg): string
    {
        return $this->sentences->drawn((string) $svg);
    }

    /** A finish or a colour by the class that documents and tins call it. */
    public function product(string $class): string
    {
        return $this->said($this->catalogue->coatings()->nameOf($class));
    }

    /**
     * Classes with their names, as choices of a form.
     *
     * @param  array<string>  $classes
     * @return array<string, string>
     */
    public function products(array $classes): array
    {
        return array_combine($classes, array_map($this->product(...), $classes));
    }

    /**
     * "outside, rim"
     *
     * @param  list<Face>  $faces
     */
    public function faces(array $faces): string
    {
        return implode(', ', array_map(fn (Face $face): string => $this->said($face->said()), $faces));
    }

    /**
     * One reason after another, each with its full stop.
     *
     * @param  list<Said>  $because
     */
    public function chain(array $because): string
    {
        return implode(' ', array_map(fn (Said $one): string => rtrim($this->said($one), '.').'.', $because));
    }

    public function write(Quantity $quantity, ?int $decimals = null): string
    {
        return $this->reader->write($quantity, $decimals);
    }

    /** How many mm a typed length of one stands for: what scripts multiply by. */
    public function factor(): float
    {
        return $this->imperial ? 25.4 : 1.0;
    }

    /** Decimals of a length that is a matter of tenths of a mm. */
    public function fine(): int
    {
        return $this->imperial ? 3 : 1;
    }

    public function planAge(?CarbonInterface $plannedAt): string
    {
        return $plannedAt === null ? say('view.show.there-no-plan-yet') : say('view.show.dates-those', [
            'dayTime' => $this->dayTime($plannedAt),
        ]);
    }

    public function unit(Unit $unit): string
    {
        return $unit->name($this->imperial);
    }

    /** The number alone, for a field to type in; empty where there is none. */
    public function field(Unit $unit, ?float $metric): string
    {
        return $metric === null
            ? '' : (string) round($unit->toReader($metric, $this->imperial), $unit->decimals($this->imperial));
    }

    /** A usual size to start from, as it would be typed: in inches to the next eighth. */
    public function usualSize(float $mm): string
    {
        return $this->imperial ? (string) (round($mm / 25.4 * 8) / 8) : (string) $mm;
    }

    /** @return array<string, string> the usual sizes of a form, by field, as they would be typed */
    public function usualSizes(Form|FormUse $form): array
    {
        $sizes = [];
        foreach ($form->sizes() as $size => $mm) {
            $sizes[str_replace('_mm', '', $size)] = $this->usualSize($mm);
        }

        return $sizes;
    }

    /** @return array<string, string> */
    public function sizeWords(): array
    {
        return [
            'diameter' => say('view.show.widest-diameter'),
            'height' => say('view.show.height'),
            'foot' => say('view.show.foot'),
            'wall' => say('view.show.wall'), 'bore' => say('view.show.bore'),
        ];
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

    /** @return list<string> grits of a line such as "120, 180 > 240", each with its scale */
    public function typedGrits(string $line): array
    {
        return array_values(array_filter(
            array_map($this->typedGrit(...), preg_split('/[,;→>]+/u', $line) ?: []),
            fn (string $grit): bool => $grit !== '',
        ));
    }

    /**
     * The same for a number that has one unit everywhere (h, min, %, µm): as it is stored, never rounded for reading.
     */
    public function bare(?float $number): string
    {
        return $number === null ? '' : (string) round($number, 4);
    }

    /** What was typed into such a field, as it is stored. */
    public function typed(Unit $unit, float $typed): float
    {
        return $unit->toMetric($typed, $this->imperial);
    }

    /** "metric" or "imperial" */
    public function system(): string
    {
        return $this->imperial ? 'imperial' : 'metric';
    }

    /** The validation rule for such a field, in the reader's units: each end is rounded so that it is taken itself. */
    public function between(Unit $unit, float $min, float $max): string
    {
        $fine = 10 ** $unit->decimals($this->imperial);
        $least = ceil(round($unit->toReader($min, $this->imperial) * $fine, 6)) / $fine;
        $most = floor(round($unit->toReader($max, $this->imperial) * $fine, 6)) / $fine;

        return "between:$least,$most";
    }

    /** A length that something may be at the most: never shown as more than it is. */
    public function atMost(?float $mm): string
    {
        if ($mm === null) {
            return '–';
        }
        $fine = 10 ** $this->fine();
        $floored = floor(round(Unit::Length->toReader($mm, $this->imperial) * $fine, 6)) / $fine;

        return number_format($floored, $this->fine()).' '.$this->unit(Unit::Length);
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

    /** A weight as it was read, to the last figure of the scale. */
    public function weighed(float $g): string
    {
        return $this->imperial
            ? rtrim(rtrim(number_format($g / 28.349523125, 2), '0'), '.').' oz'
            : rtrim(rtrim(number_format($g, 2), '0'), '.').' g';
    }

    public function volume(?float $ml): string
    {
        return $ml === null ? '–' : $this->number(Unit::Volume, $ml, $this->imperial ? 2 : ($ml < 10 ? 1 : 0));
    }

    /** What is left in a tin, and for how long it has been open. */
    public function left(?Tin $tin): string
    {
        return implode(', ', array_filter([
            $tin?->stock_ml === null ? '' : $this->volume($tin->stock_ml),
            $tin?->opened_on === null ? '' : say('view.show.open-for', [
                'days' => (int) $tin->opened_on->diffInDays(now()),
            ]),
        ]));
    }

    /** How much to take of a product, in words: poured, sprayed, weighed or dropped. Null where a step takes none. */
    public function amount(Amount $amount): string
    {
        $ml = $amount->ml() ?? 0.0;

        return match ($amount->unit) {
            AmountUnit::Millilitres => say('view.show.pour', ['volume' => $this->volume($ml)]),
            AmountUnit::Spray => say('view.show.spray-about', ['volume' => $this->volume($ml)]),
            AmountUnit::Grams => say('view.show.take', ['wax' => $this->wax($amount->value)]),
            AmountUnit::Drops => say('view.show.about', [
                'drops' => self::drops($amount),
                'volume' => $ml < 0.1 ? '' : ' ('.$this->volume($ml).')',
            ]),
        };
    }

    private static function drops(Amount $amount): string
    {
        $drops = (int) ceil($amount->value - 1e-9);

        return say('view.show.drops', ['drops' => Quantity::count($drops)]);
    }

    /** The amount alone, for a table. */
    public function quantity(Amount $amount): string
    {
        return match ($amount->unit) {
            AmountUnit::Grams => $this->wax($amount->value),
            AmountUnit::Drops => self::drops($amount),
            AmountUnit::Spray => say('view.show.spray', ['volume' => $this->volume($amount->ml())]),
            AmountUnit::Millilitres => $this->volume($amount->ml()),
        };
    }

    public function entry(LogEntry $entry): EntryWords
    {
        return new EntryWords($entry, $this);
    }

    /** "Bramble Slip · 17 °C by day · 58 % · Wed 25 Nov 14:05" */
    public function whereAndWhen(Workshop $workshop): string
    {
        $air = $workshop->climate;

        return implode(' · ', [
            $workshop->name, say('view.show.by-day', ['temperature' => $this->temperature($air->dayC)]),
            $this->plain($air->dayRh).' %',
            $this->day(now()).' '.$this->time(now()),
        ]);
    }

    /** @return array{read: string, planned: string} how warm it is, and how warm it was to be */
    public function apart(Colder $air): array
    {
        return [
            'read' => $this->temperature(round($air->readC, 1)),
            'planned' => $this->temperature(round($air->plannedC, 1)),
        ];
    }

    /** A step with its piece, as it stands alone. */
    public function pieceStep(PlannedStep $step): string
    {
        return $step->piece->name.': '.$this->said($step->title);
    }

    public function step(PlannedStep $step): StepWords
    {
        return StepWords::of($step, $this);
    }

    /** The same from a planned step. */
    public function stepAmount(PlannedStep $step): ?string
    {
        return $step->details->amount === null ? null : $this->amount($step->details->amount);
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

    /** The air that the hours on a label are meant for. */
    public function airOfLabels(): string
    {
        return $this->temperature(Kinetics::REFERENCE_C).', '.Humidity::REFERENCE_PERCENT.' %';
    }

    public function speed(float $mPerS): string
    {
        return $this->number(Unit::Speed, $mPerS, 1);
    }

    public function coverage(float $m2PerL): string
    {
        return $this->imperial
            ? $this->number(Unit::Coverage, $m2PerL, 0) : $this->plain($m2PerL).' '.$this->unit(Unit::Coverage);
    }

    /** A grit by its own name, and beside it the nearest of the scale the reader thinks in. */
    public function grit(string $name): string
    {
        $grit = $this->catalogue->abrasives()->named($name, 'grit');
        $own = $this->cami ? Scale::Cami : Scale::Fepa;
        if ($grit->scale === $own) {
            return $this->said($grit->said());
        }
        $near = $this->catalogue->abrasives()->nearest($grit, $own)->name;

        return $this->said($grit->said())." (≈ $near)";
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

    /** The same to whole days, where it is two or more. */
    public function about(float $hours): string
    {
        return $this->hours($hours >= 48 ? 24 * round($hours / 24) : round($hours, $hours < 10 ? 1 : 0));
    }

    public function days(float $days): string
    {
        return $this->plain($days).($this->plain($days) === '1' ? say('view.show.day') : say('view.show.days'));
    }

    public function time(CarbonInterface $at): string
    {
        return $this->reader->dated($at, $this->twelveHours ? 'g:i a' : 'H:i');
    }

    public function day(CarbonInterface $at): string
    {
        return $this->reader->dated($at, 'D j M');
    }

    public function dayTimeOr(?CarbonInterface $at, string $else): string
    {
        return $at === null ? $else : $this->dayTime($at);
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

    /** "38 %" */
    public function share(float $share): string
    {
        return round(100 * $share).' %';
    }

    /** "3 Jan", and "3 Jan 2027" in another year than this. */
    public function calendarDay(CarbonInterface $at): string
    {
        $there = $at->copy()->setTimezone($this->timeZone);

        return $this->reader->dated($at, $there->isSameYear(now($this->timeZone)) ? 'j M' : 'j M Y');
    }

    public function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 1), '0'), '.');
    }
}
