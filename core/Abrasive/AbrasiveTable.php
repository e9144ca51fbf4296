<?php

declare(strict_types=1);

namespace HonestGrain\Abrasive;

use HonestGrain\Abrasive\Exception\UnknownGrit;
use HonestGrain\Reading\Row;

/** The grades of both scales by name, `P120`, `CAMI 120`, and what has no scale: pads, wool, paste, compound. */
final readonly class AbrasiveTable
{
    /** @param  array<string, Grit>  $grits */
    private function __construct(private array $grits)
    {
    }

    /**
     * @param  list<Row>  $rows  of graded sheets
     * @param  list<Row>  $media  of what has no scale
     */
    public static function of(array $rows, array $media = []): self
    {
        $grits = [];
        foreach ($rows as $row) {
            $scale = Scale::from($row->text('scale'));
            $name = $scale === Scale::Cami ? 'CAMI '.$row->text('label') : $row->text('label');
            $grits[$name] = new Grit($name, $scale, $row->number('micron'), $row->text('source'));
        }

        foreach ($media as $row) {
            $grits[$row->text('label')] = new Grit(
                name: $row->text('label'), scale: Scale::None, micron: $row->number('micron'),
                source: $row->text('source'),
                kind: MediumKind::from($row->text('kind')), startsAtMicron: $row->numberOrNull('starts_at_micron'),
                minutesPer100Cm2: $row->numberOrNull('minutes_per_100cm2'),
            );
        }

        return new self($grits);
    }

    /** @throws UnknownGrit when the name is bare, or not a grade of its scale */
    public function named(string $name, string $field): Grit
    {
        $grit = $this->grits[$name] ?? null;
        if ($grit !== null) {
            return $grit;
        }

        throw preg_match('/^\s*\d+\s*$/', $name) === 1
            ? UnknownGrit::bareNumber($field, trim($name)) : UnknownGrit::named($field, $name);
    }

    /**
     * @param  list<string>  $names
     * @return list<Grit> in the order given
     */
    public function allNamed(array $names, string $field): array
    {
        return array_map(
            fn (int $i, string $name): Grit => $this->named($name, "$field.$i"), array_keys($names), $names,
        );
    }

    /** The coarsest P grade that is at most this size, µm; null when none is so fine. */
    public function coarsestUpTo(float $micron): ?Grit
    {
        $best = null;
        foreach ($this->onScale(Scale::Fepa) as $grit) {
            if ($grit->micron <= $micron && ($best === null || $grit->micron > $best->micron)) {
                $best = $grit;
            }
        }

        return $best;
    }

    /** The finest P grade that is at least this size, µm; null when none is so coarse. */
    public function finestFrom(float $micron): ?Grit
    {
        $best = null;
        foreach ($this->onScale(Scale::Fepa) as $grit) {
            if ($grit->micron >= $micron && ($best === null || $grit->micron < $best->micron)) {
                $best = $grit;
            }
        }

        return $best;
    }

    /** The grade of the other scale that is nearest in size (by ratio). */
    public function nearest(Grit $grit, Scale $scale): Grit
    {
        $best = $grit;
        $distance = INF;
        foreach ($this->onScale($scale) as $candidate) {
            $ratio = abs(log($candidate->micron / $grit->micron));
            if ($ratio < $distance) {
                [$best, $distance] = [$candidate, $ratio];
            }
        }

        return $best;
    }

    /** @return list<Grit> coarse to fine */
    public function onScale(Scale $scale): array
    {
        return array_values(array_filter($this->grits, fn (Grit $grit): bool => $grit->scale === $scale));
    }
}
