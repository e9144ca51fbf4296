<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Command\Verb;
use HonestGrain\Layout\FluteCutter;
use HonestGrain\Layout\Flutes;
use HonestGrain\Reading\Document;

/** Flutes round a band: what they leave standing, and how long they take. */
final readonly class FlutesVerb implements Verb
{
    public function name(): string
    {
        return 'flutes';
    }

    public function example(): string
    {
        return '{"count":24,"tool":{"kind":"ball","radius_mm":6},"depth_mm":2,"radii_mm":[100,80],'
            .'"slant_mm":60,"lead_mm":null,"fade_mm":0,"wall_mm":8,"min_wall_mm":4,'
            .'"min_land_mm":1,"passes":2,"feed_mm_s":10}';
    }

    public function answer(Document $question): array
    {
        $radii = $question->numbers('radii_mm', 1, 1000, count($question->list('radii_mm', 200, 2)));
        $slant = $question->number('slant_mm', 0.1, 2000);
        $question->numberOr('fade_mm', 0.0, 0, $slant / 2);
        $flutes = new Flutes(
            count: $question->integer('count', 1, 1000), cutter: $this->cutter($question),
            depthMm: $question->number('depth_mm', 0.01, 50),
            radiiMm: $radii, slantMm: $slant, leadMm: $question->numberOr('lead_mm', null, 1, 100_000),
        );
        $wallLeft = $question->number('wall_mm', 0.1, 500) - $flutes->depthMm;
        $warnings = $flutes->warnings(
            $wallLeft, $question->numberOr('min_wall_mm', 0.0, 0, 500),
            $question->numberOr('min_land_mm', 0.0, 0, 500),
        );
        $minutes = $flutes->minutes(
            $question->has('passes') ? $question->integer('passes', 1, 100) : 1,
            $question->number('feed_mm_s', 0.01, 1000),
        );
        $helix = $flutes->helixDeg();

        return [
            'width_mm' => round($flutes->widthMm(), 4),
            'land_mm' => array_map(fn (float $land): float => round($land, 4), $flutes->landsMm()),
            'wall_left_mm' => round($wallLeft, 4),
            'length_mm' => [round($flutes->lengthMm(), 4)],
            'helix_deg' => $helix === null ? null : array_map(fn (float $angle): float => round($angle, 4), $helix),
            'minutes' => round($minutes, 4),
            'warnings' => $warnings,
        ];
    }

    private function cutter(Document $question): FluteCutter
    {
        if (! $question->has('tool')) {
            return FluteCutter::ball($question->number('cutter_radius_mm', 0.1, 100));
        }
        $tool = $question->child('tool');

        return FluteCutter::read($tool);
    }
}
