<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Abrasive\AbrasiveTable;
use HonestGrain\Abrasive\Grit;
use HonestGrain\Abrasive\Scale;

/** Everything that cuts or polishes, by the size of its grain, and the one that was asked for. */
final readonly class SizeTable
{
    /** @var list<SizeRow> coarse to fine */
    public array $rows;

    public ?SizeRow $asked;

    /**
     * @param  list<string>  $owned  grits on the shelf
     * @param  string  $of  what was looked for: a name, or a size in µm
     */
    public function __construct(
        private AbrasiveTable $table,
        array $owned,
        public string $of,
        private Show $show,
    ) {
        $rows = [];
        foreach (Scale::cases() as $scale) {
            foreach ($table->onScale($scale) as $grit) {
                $rows[] = new SizeRow(
                    $show->said($grit->said()), $show->said($grit->kind?->label() ?? $scale->label()), $grit->micron,
                    $show->said($grit->cited()),
                    in_array($grit->name, $owned, true),
                );
            }
        }
        usort($rows, fn (SizeRow $a, SizeRow $b): int => [$b->micron, $a->name] <=> [$a->micron, $b->name]);
        $this->rows = $rows;
        $this->asked = $of === '' ? null : $this->find($of);
    }

    /** "P320 (46.2 µm) is nearest to CAMI 280 (44 µm)…"; what nobody knows is said so. */
    public function verdict(): string
    {
        if ($this->asked === null) {
            return $this->of === '' ? '' : say('view.size-table.nothing-here-called-takes', [
                'of' => $this->of,
            ]);
        }
        $size = fn (SizeRow|Grit $one): string => $this->show->plain($one->micron).' µm';
        $near = fn (Scale $scale): Grit => $this->table->nearest(
            new Grit('', $scale, $this->asked->micron, ''), $scale,
        );

        return say('view.size-table.nearest-scale-us-scale', [
            'asked' => $this->asked->name,
            'size' => $size($this->asked),
            'fepa' => $near(Scale::Fepa)->name,
            'fepaSize' => $size($near(Scale::Fepa)),
            'cami' => $near(Scale::Cami)->name,
            'camiSize' => $size($near(Scale::Cami)),
        ]);
    }

    public function isAsked(SizeRow $row): bool
    {
        return $this->asked !== null && $row->name === $this->asked->name;
    }

    private function find(string $of): ?SizeRow
    {
        if (preg_match('/^(\d+(?:[.,]\d+)?)\s*(?:µm|um|micron)$/iu', $of, $m) === 1) {
            return new SizeRow(
                say('view.size-table.grain', ['um' => $m[1]]), '', (float) str_replace(',', '.', $m[1]), '', false,
            );
        }
        $typed = mb_strtolower($of);
        $grade = mb_strtolower($this->show->typedGrit($of));
        foreach ([
            fn (string $name): bool => $name === $typed, fn (string $name): bool => str_ends_with($name, " $typed"),
            fn (string $name): bool => $name === $grade, fn (string $name): bool => str_contains($name, $typed),
        ] as $is) {
            foreach ($this->rows as $row) {
                if ($is(mb_strtolower($row->name))) {
                    return $row;
                }
            }
        }

        return null;
    }
}
