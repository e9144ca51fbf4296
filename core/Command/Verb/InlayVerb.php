<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Command\Verb;
use HonestGrain\Layout\Groove;
use HonestGrain\Reading\Document;

/** What fills a groove. */
final readonly class InlayVerb implements Verb
{
    public function __construct(private Calibration $calibration)
    {
    }

    public function name(): string
    {
        return 'inlay';
    }

    public function example(): string
    {
        return '{"groove":{"length_mm":300,"width_mm":3,"depth_mm":4,"section":"square"},"binder":"ca"}';
    }

    public function answer(Document $question): array
    {
        $at = $question->child('groove');
        $groove = new Groove(
            $at->number('length_mm', 0.1, 100_000), $at->number('width_mm', 0.01, 200),
            $at->number('depth_mm', 0.01, 200), $at->choice('section', ['square', 'v']) === 'v',
        );
        $binder = $question->choice('binder', ['ca', 'epoxy']);
        $rates = $this->calibration->repairs;

        return [
            'volume_ml' => round($groove->volumeMl(), 6),
            'powder_ml' => round($groove->powderMl($rates), 6),
            'binder_ml' => round($groove->volumeMl() - $groove->powderMl($rates), 6),
            'binder' => $binder,
            'fills' => $groove->fills($rates),
        ];
    }
}
