<?php

declare(strict_types=1);

namespace HonestGrain\Command\Verb;

use HonestGrain\Command\Verb;
use HonestGrain\Geometry\Profile;
use HonestGrain\Layout\Proportion;
use HonestGrain\Reading\Document;

/** Marks that split a height by a rule. */
final readonly class ProportionsVerb implements Verb
{
    private const MOST_PARTS = 100;

    private const USUAL_PARTS = 3;

    public function name(): string
    {
        return 'proportions';
    }

    public function example(): string
    {
        return '{"length_mm":210,"rule":"ratio","ratios":[1,2]}';
    }

    public function answer(Document $question): array
    {
        $length = $question->number('length_mm', 0.1, 3000);
        $rule = Proportion::from($question->choice('rule', array_column(Proportion::cases(), 'value')));
        $shape = $question->has('shape') ? Profile::read($question->child('shape')) : null;
        $marks = $rule->marksMm(
            $length, $question->has('parts') ? $question->integer('parts', 2, self::MOST_PARTS) : self::USUAL_PARTS,
            $rule === Proportion::Ratio ? $this->ratios($question) : [],
        );

        return ['marks' => array_map(function (float $mark) use ($length, $shape): array {
            $diameter = $shape?->diameterAtMm($mark);

            return [
                'from_foot_mm' => round($mark, 4), 'from_rim_mm' => round($length - $mark, 4),
                'diameter_mm' => $diameter === null ? null : round($diameter, 4),
            ];
        }, $marks)];
    }

    /** @return list<float> */
    private function ratios(Document $question): array
    {
        $count = count($question->list('ratios', self::MOST_PARTS, 2));

        return $question->numbers('ratios', 0.001, 1e6, $count);
    }
}
