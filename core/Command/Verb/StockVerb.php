<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Command\Verb;
use HonestGrain\Lathework\Stock;
use HonestGrain\Lathework\StockPart;
use HonestGrain\Lathework\StockPlace;
use HonestGrain\Reading\Document;

/** Whether parts come out of a blank, and where each lies on it. */
final readonly class StockVerb implements Verb
{
    private const MOST_PARTS = 50;

    public function __construct(private Calibration $calibration)
    {
    }

    public function name(): string
    {
        return 'stock';
    }

    public function example(): string
    {
        return '{"blank":{"form":"square","length_mm":300,"width_mm":70,"height_mm":70},'
            .'"parts":[{"id":"head","length_mm":72,"diameter_mm":60,"hold":"tenon"},'
            .'{"id":"body","length_mm":200,"diameter_mm":60,"hold":"tenon"}]}';
    }

    public function answer(Document $question): array
    {
        $layout = Stock::read($question->child('blank'))->laidOut(
            $this->calibration->stock, array_map(StockPart::read(...), $question->children('parts', self::MOST_PARTS)),
        );

        return [
            'fits' => $layout->fits(),
            'order' => array_map(fn (StockPlace $place): array => [
                'id' => $place->part->id, 'from_mm' => round($place->fromMm, 4), 'to_mm' => round($place->toMm, 4),
            ], $layout->places),
            'needed_mm' => round($layout->neededMm, 4), 'left_mm' => round($layout->leftMm, 4),
            'problems' => $layout->problems,
        ];
    }
}
