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

    public function example(): string
    {
        return '{"needs_hours":24,"q":2,"humidity":"none","min_c":10,"start":"2026-12-01T09:00:00Z",'
            .'"climate":[{"at":"2026-12-01T00:00:00Z","temp_c":18,"rh_percent":55}]}';
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
