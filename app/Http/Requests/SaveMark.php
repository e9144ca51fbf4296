<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Coating\ColourFamily;
use HonestGrain\Geometry\Surface;
use HonestGrain\Piece\Mark;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Nature;
use HonestGrain\Technique\Techniques;
use HonestGrain\Words\Unit;
use Illuminate\Validation\Rule;

/** A mark on a band of a part, and what is set for its technique; what is left empty is as usual. */
class SaveMark extends PieceChange implements TakesLists
{
    public static function lists(): array
    {
        return ['set'];
    }

    /** Of the one who asks; set before the names of fields are asked for. */
    private Show $words;

    private const FARTHEST_MM = 6000.0;

    /** How a pen draws where nobody chose a repeat. */
    private const FREE = 'free';

    protected function fields(Show $show): array
    {
        $this->words = $show;
        $along = $show->between(Unit::Length, 0, self::FARTHEST_MM);
        $fields = [
            'technique' => ['required', Rule::in(Techniques::table()->decorationKeys())],
            'name' => ['nullable', 'string', 'max:'.Mark::MAX_NAME],
            'on' => ['required', Rule::enum(Surface::class)],
            'from' => ['required', 'numeric', $along],
            'to' => ['required', 'numeric', 'gt:from', $along],
            'minutes' => ['nullable', 'numeric', 'between:0,'.Mark::MAX_MINUTES],
            'wait_hours' => ['nullable', 'numeric', 'between:0,'.Mark::MAX_WAIT_HOURS],
            'product' => ['nullable', 'string', 'max:200'],
            'colour' => ['nullable', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'note' => ['nullable', 'string', 'max:500'],
            'set' => ['nullable', 'array'],
        ];

        return $fields + TypedSettings::rules($show);
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return TypedSettings::names($this->words);
    }

    /** The mark as it was typed; what the form does not ask for stays as it is on the part. */
    public function mark(Part $part, string $id, Tables $tables, Show $show): Mark
    {
        $was = $part->hasMark($id) ? $part->mark($id)->settings() : [];

        return Mark::read(Document::of(
            ['id' => $id] + $this->typed($show, $tables, $was), 'marks.'.$part->placeOfMark($id),
        ), $tables);
    }

    /**
     * @param  array<string, mixed>  $was  the settings that the form does not ask for
     * @return array<string, mixed> as in the document, without its id
     */
    private function typed(Show $show, Tables $tables, array $was): array
    {
        $technique = Techniques::table()->decoration($this->validated('technique'));
        $set = $was;
        // A repeat that is chosen by name takes the place of one's own.
        if (($this->validated('set.unit') ?? self::FREE) !== ($was['unit'] ?? self::FREE)) {
            unset($set['strokes']);
        }
        $set = TypedSettings::of($technique, $this->validated('set') ?? [], $set, $show);

        return [
            'technique' => $technique->key(), 'name' => $this->validated('name'), 'on' => $this->validated('on'),
            'from_mm' => $show->typed(Unit::Length, (float) $this->number('from')),
            'to_mm' => $show->typed(Unit::Length, (float) $this->number('to')),
            'settings' => [
                'minutes' => $this->number('minutes'), 'wait_hours' => $this->number('wait_hours'),
                'product' => $technique->nature() === Nature::Colours ? $this->product($technique, $tables) : null,
                'colour' => $technique->takesColour() ? $this->validated('colour') : null,
            ] + $set,
            'note' => $this->validated('note'),
        ];
    }

    /**
     * The class as typed; of one that is placed anew and has but one family, the first, so that its waits are known.
     */
    private function product(Decoration $technique, Tables $tables): ?string
    {
        $typed = $this->validated('product');
        if ($this->isMethod('put') || $technique->key() === ColourFamily::Dye->technique()) {
            return $typed;
        }
        foreach ($tables->coatings->stains() as $class => $stain) {
            if ($stain->family->technique() === $technique->key()) {
                return $class;
            }
        }

        return null;
    }
}
