<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Blank;
use App\Models\Dye;
use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\Recipe;
use App\Models\Sale;
use App\Models\Swatch;
use App\Models\Tin;
use App\Models\Workshop;
use Closure;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Form;
use HonestGrain\Glossary\Term;
use HonestGrain\Recipe\ShippedRecipe;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Str;

/** What a workshop has under some words: each of them must stand somewhere in a thing, in any order. */
final readonly class Finder
{
    private const OF_EACH = 8;

    /** Who gave a blank and for whom it is kept, in letters of any size as the columns are. */
    private const FROM_AND_FOR = [
        "lower(json_value(document, '$.given_by'))", "lower(json_value(document, '$.promised_for'))",
    ];

    private const QUOTED = 90;

    /** No more words than anybody types. */
    private const WORDS = 6;

    /** @var list<string> */
    private array $words;

    public function __construct(
        private Workshop $workshop,
        private Catalogue $catalogue,
        private Show $show,
        string $sought,
    ) {
        $this->words = array_slice(preg_split('/\s+/u', trim($sought), -1, PREG_SPLIT_NO_EMPTY) ?: [], 0, self::WORDS);
    }

    /** @return array<string, list<FoundLine>> by kind, only those where there is something */
    public function found(): array
    {
        return $this->words === [] ? [] : array_filter([
            say('view.finder.pieces') => $this->pieces(),
            say('view.finder.blanks') => $this->blanks(),
            say('view.finder.recipes') => $this->recipes(),
            say('view.finder.shelf') => $this->shelf(),
            say('view.finder.swatches') => $this->swatches(),
            say('view.finder.log') => $this->notes(),
            say('view.finder.words') => $this->terms(),
        ]);
    }

    /** @return list<FoundLine> */
    private function pieces(): array
    {
        return $this->lines(
            $this->workshop->pieces()->orderByRaw('state <> ?', ['working'])->orderByDesc('id'),
            fn (string $word): array => [
                'name' => $word, 'wood' => $word, 'form' => $this->forms($word),
                'id' => $this->soldTo($word),
            ],
            fn (Piece $piece): FoundLine => new FoundLine(
                $piece->name, route('pieces.route', $piece), implode(' · ', array_filter([
                    $this->show->wood($piece->wood), $this->show->said($piece->state->label()),
                    $piece->due_at === null ? '' : say('view.finder.due', [
                        'day' => $this->show->day($piece->due_at),
                    ]),
                ])),
            ),
            ['id', 'workshop_id', 'name', 'wood', 'state', 'due_at'],
        );
    }

    /** @return list<FoundLine> */
    private function blanks(): array
    {
        return $this->lines(
            $this->workshop->blanks()->orderBy('gone_at')->orderBy('number'),
            fn (string $word): array => [
                'number' => ctype_digit($word) ? [$word] : [], 'wood' => $word, 'place' => $word,
                ...array_fill_keys(self::FROM_AND_FOR, $word),
            ],
            fn (Blank $blank): FoundLine => new FoundLine(
                say('view.finder.blank', ['number' => $blank->number, 'wood' => $this->show->wood($blank->wood)]),
                route('rack.show', $blank), $blank->gone_at === null ? $blank->place : say('view.finder.gone'),
            ),
            ['id', 'workshop_id', 'number', 'wood', 'place', 'gone_at'],
        );
    }

    /** @return list<FoundLine> */
    private function recipes(): array
    {
        $own = $this->lines(
            $this->workshop->recipes()->whereNull('gone_at')->orderBy('name'),
            fn (string $word): array => ['name' => $word],
            fn (Recipe $recipe): FoundLine => new FoundLine($recipe->name, route('recipes.index')),
            ['id', 'workshop_id', 'name'],
        );
        $shipped = array_filter(
            ShippedRecipe::all($this->catalogue),
            fn (ShippedRecipe $one): bool => $this->isIn(
                $this->show->said($one->name()).' '.$this->show->said($one->suits()),
            ),
        );

        return [...$own, ...array_map(fn (ShippedRecipe $one): FoundLine => new FoundLine(
            $this->show->said($one->name()), route('recipes.index'), $this->show->said($one->suits()),
        ), array_values($shipped))];
    }

    /** @return list<FoundLine> tins and dyes */
    private function shelf(): array
    {
        return [
            ...$this->lines(
                $this->workshop->tins()->orderBy('product'),
                fn (string $word): array => ['product' => $word, 'note' => $word],
                fn (Tin $tin): FoundLine => new FoundLine(
                    $tin->product, route('tins.edit', ['product' => $tin->product]), (string) $tin->note,
                ),
            ),
            ...$this->lines(
                $this->workshop->dyes()->orderBy('name'),
                fn (string $word): array => ['name' => $word, 'product' => $word],
                fn (Dye $dye): FoundLine => new FoundLine($dye->name, route('swatches'), $dye->product),
            ),
        ];
    }

    /** @return list<FoundLine> */
    private function swatches(): array
    {
        return $this->lines(
            $this->workshop->swatches()->orderByDesc('made_on'),
            fn (string $word): array => ['name' => $word, 'wood' => $word, 'note' => $word],
            fn (Swatch $swatch): FoundLine => new FoundLine(
                $swatch->name, route('swatches.show', $swatch), $this->show->wood($swatch->wood),
            ),
        );
    }

    /** @return list<FoundLine> what was written down, the latest first */
    private function notes(): array
    {
        return $this->lines(
            $this->workshop->logEntries()->with('piece:id,workshop_id,name')->whereNotNull('body')
                ->orderByDesc('happened_at')->orderByDesc('id'),
            fn (string $word): array => ['body' => $word],
            fn (LogEntry $entry): FoundLine => new FoundLine(
                Str::limit((string) $entry->body, self::QUOTED),
                $entry->piece === null ? route('log') : route('pieces.record', $entry->piece),
                implode(' · ', array_filter([
                    (string) $entry->piece?->name, $this->show->calendarDay($entry->happened_at),
                ])),
            ),
        );
    }

    /** @return list<FoundLine> */
    private function terms(): array
    {
        $terms = array_filter($this->catalogue->terms(), fn (Term $term): bool => $this->isIn(
            $this->show->said($term->name()).' '.$this->show->lines("glossary.terms.$term->id")['linked'],
        ));

        return array_map(fn (Term $term): FoundLine => new FoundLine(
            $this->show->said($term->name()), route('words.show', $term->id), $this->show->said($term->meaning()),
        ), array_slice(array_values($terms), 0, self::OF_EACH));
    }

    /**
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param  HasMany<T, Workshop>  $rows
     * @param  Closure(string): array<string, string|list<string>>  $places  by column what it holds, or what it may be;
     *                                                                       one of them must fit
     * @param  Closure(T): FoundLine  $line
     * @param  list<string>  $columns
     * @return list<FoundLine>
     */
    private function lines(HasMany $rows, Closure $places, Closure $line, array $columns = ['*']): array
    {
        foreach ($this->words as $word) {
            $rows->where(function ($any) use ($places, $word): void {
                foreach ($places($word) as $column => $is) {
                    is_array($is) ? $any->orWhereIn($column, $is)
                        : $any->orWhereRaw("$column like ?", ['%'.addcslashes(mb_strtolower($is), '%_\\').'%']);
                }
            });
        }

        return array_values($rows->limit(self::OF_EACH)->get($columns)->map($line)->all());
    }

    /** @return list<string> pieces that are for somebody of that name */
    private function soldTo(string $word): array
    {
        return array_values(Sale::query()->whereRelation('piece', 'workshop_id', $this->workshop->id)
            ->where('for_whom', 'like', '%'.addcslashes($word, '%_\\').'%')
            ->pluck('piece_id')->map(strval(...))->all());
    }

    /** @return list<string> forms that the reader calls so */
    private function forms(string $word): array
    {
        $named = array_filter(
            Form::cases(), fn (Form $form): bool => mb_stripos($this->show->said($form->label()), $word) !== false,
        );

        return array_values(array_map(fn (Form $form): string => $form->value, $named));
    }

    private function isIn(string $text): bool
    {
        return array_all($this->words, fn (string $word): bool => mb_stripos($text, $word) !== false);
    }
}
