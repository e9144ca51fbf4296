<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Calibration\Calibration;
use HonestGrain\Drawing\StickStrip;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\StickMark;
use HonestGrain\Piece\StoryStick;

/** The measures of a piece that are carried to the lathe, part by part. */
final readonly class StickPage
{
    public function __construct(private Piece $core, private Calibration $calibration, private Show $show)
    {
    }

    /**
     * @return list<array{string, list<string>, list<array{string, string, string, string}>, string, list<string>}> name
     *     of the part, its strips, its lines as height, callipers, wall and what is there, what it weighs, and rings
     */
    public function parts(): array
    {
        return array_map(function (Part $part): array {
            $stick = StoryStick::of($part);

            return [$part->name, StickStrip::sheets($stick), array_map(
                $this->line(...), array_reverse($stick->marks),
            ), $this->weights($part, $stick), $this->rings($stick)];
        }, $this->core->partsInOrder());
    }

    /** @return array{string, string, string, string} */
    private function line(StickMark $mark): array
    {
        $fine = $this->show->fine();

        return [
            $this->show->length($mark->heightMm, $fine), $this->show->length($mark->diameterMm, $fine),
            $mark->wallMm === null ? '' : $this->show->length($mark->wallMm, $fine), $this->show->said($mark->what),
        ];
    }

    /** @return list<string> "Beads on the foot: dividers at 40.0 mm and 52.0 mm across" */
    private function rings(StoryStick $stick): array
    {
        return array_map(fn (array $ring): string => say('view.stick.ring', [
            'mark' => $this->show->said($ring[0]), 'on' => $this->show->said($ring[1]->said()),
            'from' => $this->show->length($ring[2], $this->show->fine()),
            'to' => $this->show->length($ring[3], $this->show->fine()),
        ]), $stick->rings());
    }

    private function weights(Part $part, StoryStick $stick): string
    {
        $said = [];
        foreach ($stick->weights($this->calibration, $this->core->stockOf($part)) as $stage => $grams) {
            $said[] = say("view.stick.weighs.$stage", ['mass' => $this->show->mass($grams)]);
        }

        return $said === [] ? '' : say('view.stick.weights', ['weights' => implode(', ', $said)]);
    }
}
