<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Abraded;
use App\Models\Kept\Kept;
use App\Models\Kept\SaidCast;
use App\Models\Kept\Texts;
use HonestGrain\Abrasive\Abrading;
use HonestGrain\Coating\Amount;
use HonestGrain\Coating\AmountUnit;
use HonestGrain\Geometry\Face;
use HonestGrain\Route\Look;
use HonestGrain\Route\Reason;
use HonestGrain\Route\Step;
use HonestGrain\Safety\Hazard;
use HonestGrain\Words\Said;

/** What a page says about a step, as it is kept with it: written and read here alone. */
final readonly class StepDetails implements Kept
{
    /**
     * @param  list<Said>  $how
     * @param  list<Hazard>  $hazards
     * @param  list<string>  $on  the faces that it is done on, or the id of the band
     * @param  int  $stage  number of the mount, or of the rest between two, within its part
     * @param  list<array{after: string, because: Said}>  $reasons  why it comes after others
     * @param  string  $air  that its wait runs in, as `Planning\Airs` names it; empty for the shop's own
     * @param  bool  $footOut  whether it is held by its upper end
     * @param  list<Said>  $reckoning  what its own minutes and speed come from
     * @param  list<Look>  $looks  what is looked at before it is ticked off
     * @param  array{min_hours: float, max_hours: float|null}|null  $wait  reference hours that the next step waits
     */
    private function __construct(
        public Said $because,
        public Said $hold,
        public array $how,
        public array $hazards,
        public array $on,
        public ?Said $waitFor,
        public ?array $wait,
        public ?Amount $amount,
        public ?int $speedRpm,
        public ?string $mount,
        public int $stage,
        public array $reasons,
        public string $air,
        public ?Abrading $abrading,
        public array $reckoning,
        public bool $footOut,
        public array $looks,
    ) {
    }

    public static function of(Step $step): self
    {
        $wait = $step->timing->wait;
        $waits = $wait->minHours > 0 || $wait->maxHours !== null;

        return new self(
            $step->words->because, $step->setup->hold, $step->words->how, $step->setup->hazards, $step->work->zones(),
            $step->words->waitFor,
            $waits ? ['min_hours' => round($wait->minHours, 2), 'max_hours' => $wait->maxHours === null
                ? null : round($wait->maxHours, 2)] : null,
            $step->work->supplies->amount, $step->setup->rpm, $step->setup->mount?->value, $step->setup->stage,
            array_map(
                fn (Reason $one): array => ['after' => $one->after, 'because' => $one->because], $step->timing->reasons,
            ),
            $wait->kinetics->air ?? '', $step->work->supplies->abrading, $step->words->reckoning,
            $step->setup->footOut, $step->words->looks,
        );
    }

    /** @return list<Face> those that it is done on; none where it is a band */
    public function faces(): array
    {
        return Face::in($this->on);
    }

    public static function read(array $kept): self
    {
        $amount = (array) ($kept['amount'] ?? []);
        $unit = AmountUnit::tryFrom((string) ($kept['amount_unit'] ?? ''));

        return new self(
            SaidCast::of($kept['because'] ?? ''), SaidCast::of($kept['hold'] ?? ''), SaidCast::all($kept['how'] ?? []),
            array_values(array_filter(array_map(Hazard::tryFrom(...), $kept['hazards'] ?? []))),
            Texts::of($kept['on'] ?? $kept['zone'] ?? []),
            ($kept['wait_for'] ?? '') === '' ? null : SaidCast::of($kept['wait_for']), $kept['wait'] ?? null,
            $amount === [] || $unit === null ? null : Amount::of((float) reset($amount), $unit),
            isset($kept['speed_rpm']) ? (int) $kept['speed_rpm'] : null, $kept['mount'] ?? null,
            (int) ($kept['stage'] ?? 0), array_values(array_map(fn (array $one): array => [
                'after' => (string) $one['after'], 'because' => SaidCast::of($one['because'] ?? ''),
            ], $kept['reasons'] ?? [])),
            (string) ($kept['air'] ?? ''), Abraded::planned($kept['abrading'] ?? null),
            SaidCast::all($kept['reckoning'] ?? []), (bool) ($kept['foot_out'] ?? false),
            array_values(array_filter(array_map(Look::tryFrom(...), $kept['looks'] ?? []))),
        );
    }

    public function toArray(): array
    {
        return [
            'because' => $this->because, 'hold' => $this->hold, 'how' => $this->how,
            'hazards' => array_map(fn (Hazard $hazard): string => $hazard->value, $this->hazards),
            'on' => $this->on, 'wait_for' => $this->waitFor, 'wait' => $this->wait,
            'amount' => $this->amount?->toArray(), 'amount_unit' => $this->amount?->unit->value,
            'speed_rpm' => $this->speedRpm, 'mount' => $this->mount,
            'stage' => $this->stage, 'reasons' => $this->reasons, 'air' => $this->air,
            'abrading' => $this->abrading === null ? null : Abraded::written($this->abrading),
            'reckoning' => $this->reckoning, 'foot_out' => $this->footOut,
            'looks' => array_map(fn (Look $look): string => $look->value, $this->looks),
        ];
    }
}
