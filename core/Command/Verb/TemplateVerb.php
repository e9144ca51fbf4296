<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Command\Verb;
use HonestGrain\Drawing\Template;
use HonestGrain\Geometry\Curve;
use HonestGrain\Layout\CurvedBand;
use HonestGrain\Layout\DrawnRepeat;
use HonestGrain\Layout\RowOfRepeats;
use HonestGrain\Reading\Document;
use HonestGrain\Words\Sentences;

/** A band laid flat at true size, as an SVG document. */
final readonly class TemplateVerb implements Verb
{
    public function __construct(private Calibration $calibration)
    {
    }

    public function name(): string
    {
        return 'template';
    }

    public function example(): string
    {
        return '{"radius_top_mm":100,"radius_bottom_mm":80,"slant_mm":60,"wanted_pitch_mm":40,'
            .'"index_holes":48,"unit":"braid"}';
    }

    public function answer(Document $question): string
    {
        if ($question->has('profile')) {
            return $this->curved($question);
        }
        [$band, $division] = LayoutVerb::read($question);
        $unit = $question->has('unit')
            ? DrawnRepeat::from($question->choice('unit', array_column(DrawnRepeat::cases(), 'value'))) : null;

        return Sentences::english()->drawn(Template::ofBand(
            $band, $division->repeats, $unit === null ? null : new RowOfRepeats($unit, $band, $division->repeats),
        ));
    }

    /** As a cone where it is one within the workshop's figure, else in gores. */
    private function curved(Document $question): string
    {
        $gores = $question->integer('gores', 3, 96);
        $profile = Curve::fromArray($question->list('profile', Curve::MAX_NODES, 2), 'profile');

        return Sentences::english()->drawn(
            Template::ofCurved(CurvedBand::along($profile->points), $gores, $this->calibration->layout),
        );
    }
}
