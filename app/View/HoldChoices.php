<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Holding\Grasp;
use HonestGrain\Holding\HoldStage;
use HonestGrain\Holding\Mount;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Tables;
use HonestGrain\Route\Bench;
use HonestGrain\Route\PartHolds;
use HonestGrain\Words\Said;

/** What could hold a part at each stage, which of it is wished, and why the rest does not serve. */
final readonly class HoldChoices
{
    /** @param  array<string, list<Grasp>>  $byStage  that which serves best first */
    private function __construct(private Part $part, private array $byStage, private Show $show)
    {
    }

    public static function of(Piece $piece, Part $part, Tables $tables, Bench $bench, Show $show): self
    {
        $byStage = [];
        foreach (HoldStage::cases() as $stage) {
            $byStage[$stage->value] = PartHolds::at($stage, $piece, $part, $bench, $tables)->chosenAmong();
        }

        return new self($part, $byStage, $show);
    }

    /** @return list<HoldStage> those that are held otherwise than most of the work */
    public function wished(): array
    {
        $holding = $this->part->holding;

        return array_values(array_filter([
            $holding->hasFirst() ? HoldStage::Outside : null, $holding->isReversed() ? HoldStage::Foot : null,
        ]));
    }

    public function chosen(HoldStage $stage): string
    {
        return $this->part->holds->at($stage)->value ?? '';
    }

    /** @return array<string, string> */
    public function options(HoldStage $stage): array
    {
        $options = ['' => say('view.hold-choices.what-serves-best')];
        foreach ($this->byStage[$stage->value] as $grasp) {
            $label = $this->show->said($grasp->mount->label());
            $options[$grasp->mount->value] = $grasp->fits() ? $label
                : say('view.hold-choices.does-not-serve', ['hold' => $label]);
        }

        return $options + ($stage === HoldStage::Foot && $this->part->holding->isPartedOff()
            ? [Mount::Lap->value => say('view.hold-choices.by-hand')] : []);
    }

    /** @return list<array{string, list<array{string, bool, string}>}> stage, and of each hold whether and why */
    public function table(): array
    {
        $table = [];
        foreach (HoldStage::cases() as $stage) {
            $table[] = [say("view.hold-choices.stages.$stage->value"), array_map(fn (Grasp $grasp): array => [
                mb_ucfirst($this->show->said($grasp->mount->label())), $grasp->fits(),
                $grasp->fits() && $grasp->how === [] ? say('view.hold-choices.serves')
                    : $this->words($grasp->fits() ? $grasp->how : $grasp->because),
            ], $this->byStage[$stage->value])];
        }

        return $table;
    }

    /** @param  list<Said>  $said */
    private function words(array $said): string
    {
        return implode(' ', array_map($this->show->said(...), $said));
    }
}
