<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Coating\ClimateRecord;
use HonestGrain\Coating\CureClock;
use HonestGrain\Coating\Humidity;
use HonestGrain\Coating\Kinetics;
use HonestGrain\Command\Verb;
use HonestGrain\Reading\Document;
use HonestGrain\Wood\Emc;

/** When a wait is over in a shop's real air. */
final readonly class CureVerb implements Verb
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function name(): string
    {
        return 'cure';
    }

    public function help(): array
    {
        return [
            'does' => 'When a wait of reference hours (21 °C, 50 % RH) is over in the climate given.',
            'fields' => [
                'needs_hours' => 'reference hours, 0 to 20000',
                'q' => 'speed-up per 10 °C, 1 to 6 (2 for reactive and oxidative cure, 1.5 for loss of solvent)',
                'humidity' => '"none", "water-borne" or "moisture-curing" ("none" where not given)',
                'min_c' => 'below this temperature the wait stands still, °C, or null',
                'max_rh_percent' => 'above this humidity a warning is given, or null',
                'start' => 'when the wait begins, such as 2026-12-01T09:00:00Z',
                'climate' => 'readings {"at", "temp_c", "rh_percent"} in order of time, 1 to 20000; each holds '
                    .'until the next, the last holds on',
            ],
            'example' => '{"needs_hours":24,"q":2,"humidity":"none","min_c":10,"start":"2026-12-01T09:00:00Z",'
                .'"climate":[{"at":"2026-12-01T00:00:00Z","temp_c":18,"rh_percent":55}]}',
        ];
    }

    public function answer(Document $question): array
    {
        $readings = array_map(fn (Document $reading): array => [
            $reading->time('at')->getTimestamp(),
            $reading->number('temp_c', Emc::MIN_C, Emc::MAX_C),
            $reading->number('rh_percent', 0, 100),
        ], $question->children('climate', 20_000, 1));
        $kinetics = Kinetics::of(
            $question->number('q', 1, 6),
            Humidity::from($question->choice('humidity', array_column(Humidity::cases(), 'value'), 'none')),
            $question->numberOr('min_c', null, Emc::MIN_C, Emc::MAX_C),
            $question->numberOr('max_rh_percent', null, 0, 100),
        );

        return (new CureClock($this->catalogue->calibration()->coats, ClimateRecord::of($readings)))
            ->run($question->number('needs_hours', 0, 20_000), $kinetics, $question->time('start')->getTimestamp())
            ->toArray();
    }
}
