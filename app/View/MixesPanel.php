<?php

declare(strict_types=1);

namespace App\View;

use App\Models\OwnMix;
use HonestGrain\Coating\Coating;
use HonestGrain\Coating\CoatingTable;
use HonestGrain\Coating\FoodUse;
use HonestGrain\Coating\OwnMix as CoreMix;
use Illuminate\Support\Collection;

/** The mixes of a workshop with what they ask for, and the one that is being changed. */
final readonly class MixesPanel
{
    /** Rows for parts on the form: one more than most mixes have. */
    private const ROWS = 4;

    /** @param  Collection<int, OwnMix>  $mixes */
    public function __construct(
        private CoatingTable $table,
        private Collection $mixes,
        public ?OwnMix $changed,
        private Show $show,
    ) {
    }

    /** @return list<array{OwnMix, Coating}> */
    public function mixes(): array
    {
        return array_values($this->mixes->map(
            fn (OwnMix $mix): array => [$mix, $this->table->coating($mix->name)],
        )->all());
    }

    /** "2 parts pure tung oil, 1 part white spirit" */
    public function parts(Coating $mix): string
    {
        $parts = [];
        foreach ($mix->mix as $part) {
            $parts[] = $this->show->plain($part->parts).($part->parts === 1.0
                ? say('view.mixes-panel.part')
                : say('view.mixes-panel.parts'))
                .mb_lcfirst($this->show->said($part->name()));
        }

        return implode(', ', $parts);
    }

    /** "Recoat from 36 h, until 48 h; handled after 96 h; cured after 45 days" */
    public function waits(Coating $mix): string
    {
        return say('view.mixes-panel.recoat-from-handled-after', [
            'recoatFromHours' => $this->show->plain($mix->recoatFromHours),
            'until' => $mix->recoatUntilHours === null ? '' : say('view.mixes-panel.until', [
                'recoatUntilHours' => $this->show->plain($mix->recoatUntilHours),
            ]),
            'handleHours' => $this->show->plain($mix->handleHours),
            'fullCureDays' => $this->show->plain($mix->fullCureDays),
            'food' => $mix->food === FoodUse::No ? say('view.mixes-panel.never-food') : '',
        ]);
    }

    /** What it is judged as. */
    public function likeness(Coating $mix): string
    {
        $like = array_filter(
            $this->table->coatings(), fn (Coating $one): bool => $one->key === $mix->key && $one->mix === [],
        );

        return say('view.mixes-panel.judged-like-solids', [
            'product' => mb_lcfirst($this->show->product(array_key_first($like) ?? $mix->class)),
            'solidsPercent' => $this->show->plain($mix->solidsPercent),
        ]);
    }

    /** @return list<array{string, string}> what goes in and how many parts, as the form shows them; some empty */
    public function rows(): array
    {
        $rows = array_map(
            fn (array $part): array => [$part['product'], $this->show->bare((float) $part['parts'])],
            (array) $this->changed?->typed->value('parts'),
        );

        return array_pad(array_values($rows), min(CoreMix::MAX_PARTS, max(self::ROWS, count($rows) + 1)), ['', '']);
    }

    /** @return list<array{name: string, label: string, hint: string, value: string}> its own figures */
    public function figures(): array
    {
        return TinForm::own($this->changed?->typed, $this->show);
    }
}
