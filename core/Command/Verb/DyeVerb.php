<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Colour\DyedWood;
use HonestGrain\Colour\DyeLayer;
use HonestGrain\Colour\Over;
use HonestGrain\Colour\Rgb;
use HonestGrain\Command\Verb;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/** What colour a wood takes. */
final readonly class DyeVerb implements Verb
{
    public function __construct(private Calibration $calibration)
    {
    }

    public function name(): string
    {
        return 'dye';
    }

    public function example(): string
    {
        return '{"wood_rgb":["#e9d9b8","#d8c29a","#c9ac7c"],"layers":[{"rgb":"#101010","strength":1,'
            .'"uptake":[1,0.4,0.8],"depth_um":[120,30,300],"sanded_um":40}],"coat":null}';
    }

    public function answer(Document $question): array
    {
        $layers = $question->has('layers') ? array_map($this->layer(...), $question->children('layers', 20)) : [];
        $wood = new DyedWood(
            $this->calibration->colour, $this->tissues($question), $layers,
            $question->has('coat')
                ? Over::from($question->choice('coat', array_column(Over::cases(), 'value'))) : null,
        );
        $answer = [
            'tissues' => array_map(fn (Rgb $colour): array => ['rgb' => $colour->toHex()], $wood->colours()),
            'delta_e_early_late' => round($wood->contrast(), 4),
        ];
        if ($question->has('best_contrast_of_layer')) {
            if ($layers === []) {
                throw InvalidField::because(
                    'best_contrast_of_layer', 0, new Said('verbs.dye-verb.there-no-layer-sand'),
                );
            }
            [$um, $contrast] = $wood->bestContrast(
                $question->integer('best_contrast_of_layer', 0, count($layers) - 1), ...$this->range($question),
            );
            $answer['best'] = ['sanded_um' => $um, 'delta_e_early_late' => round($contrast, 4)];
        }

        return $answer;
    }

    /** @return list<Rgb> */
    private function tissues(Document $question): array
    {
        $list = $question->list('wood_rgb', 3, 3);
        $read = Document::of($list, 'wood_rgb');

        return array_map(fn (int $i): Rgb => Rgb::hex($read->text((string) $i, 7), "wood_rgb.$i"), [0, 1, 2]);
    }

    private function layer(Document $layer): DyeLayer
    {
        return new DyeLayer(
            Rgb::hex($layer->text('rgb', 7), $layer->at('rgb')), $layer->number('strength', 0, 10),
            $layer->numbers('uptake', 0, 10, 3), $layer->numbers('depth_um', 0.1, 10_000, 3),
            $layer->numberOr('sanded_um', 0.0, 0, 10_000),
        );
    }

    /** @return array{int, int} µm */
    private function range(Document $question): array
    {
        if (! $question->has('sanded_um_range')) {
            return [0, 100];
        }
        $question->numbers('sanded_um_range', 0, 1000, 2);
        $read = Document::of($question->list('sanded_um_range', 2), 'sanded_um_range');
        $from = $read->integer('0', 0, 1000);

        return [$from, $read->integer('1', $from, 1000)];
    }
}
