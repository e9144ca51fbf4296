<?php

declare(strict_types=1);

namespace HonestGrain\Coating;

use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Reading\Row;
use HonestGrain\Words\Said;

/**
 * A maker's own mix of finishes: parts by volume, the class that it behaves like, and its own figures.
 *
 * Workshop model: what is not typed is the slowest, the most harmful and the strictest of its parts, since a mix is no
 * quicker than what is in it; solids go by volume. What is no finish of the catalogue counts as a thinner: no solids,
 * its vapour, and no food before full cure.
 */
final readonly class OwnMix
{
    public const MAX_NAME = 80;

    public const MAX_PARTS = 8;

    public const MOST_OF_A_PART = 1000.0;

    /** Figures of which the longest, or the highest, of the parts counts. */
    private const MOST = [
        'dust_free_h', 'recoat_from_h', 'wax_after_h', 'buffable_h', 'handle_h', 'clamp_after_h', 'full_cure_days',
        'min_c', 'residue_ml',
    ];

    /** Figures of which the shortest, or the lowest, counts. */
    private const LEAST = ['recoat_until_h', 'max_rh', 'pot_life_minutes'];

    /** What food asks of a mix, strictest first. */
    private const FOOD = [FoodUse::No, FoodUse::AsLabel, FoodUse::AfterCure, FoodUse::AtOnce];

    /**
     * @param  array<string, float>  $parts  by volume, by the name of what goes in
     * @param  array<string, Row>  $finishes  those of the parts that the catalogue has
     * @param  array<string, float>  $typed  its own figures, as a label has them
     */
    private function __construct(
        public string $name,
        private Row $like,
        public array $parts,
        private array $finishes,
        private array $typed,
        private string $note,
    ) {
    }

    /**
     * @param  array<string, Row>  $rows  finishes of the catalogue, by class
     *
     * @throws InvalidField
     */
    public static function read(Document $mix, array $rows): self
    {
        $name = trim($mix->text('name', self::MAX_NAME));
        if ($name === '' || isset($rows[$name])) {
            throw InvalidField::because($mix->at('name'), $name, new Said('coating.own-mix.name-of-its-own'));
        }
        $parts = $finishes = [];
        foreach ($mix->children('parts', self::MAX_PARTS, 1) as $part) {
            $what = trim($part->text('product', self::MAX_NAME));
            $parts[$what] = ($parts[$what] ?? 0.0) + $part->number('parts', 0.001, self::MOST_OF_A_PART);
            $finishes += isset($rows[$what]) ? [$what => $rows[$what]] : [];
        }
        arsort($parts);
        $likely = array_key_first(array_intersect_key($parts, $finishes));
        $like = $mix->textOr('like', $likely, 200);
        if ($like === null || ! isset($rows[$like])) {
            throw InvalidField::choice($mix->at('like'), $like ?? '', array_keys($rows));
        }
        $typed = [];
        foreach (Coating::LABEL_FIELDS as $field => [$min, $max]) {
            $typed[$field] = $mix->numberOr($field, null, $min, $max);
        }

        return new self(
            name: $name, like: $rows[$like], parts: $parts, finishes: $finishes, typed: array_filter(
                $typed, fn (?float $value): bool => $value !== null,
            ),
            note: $mix->textOr('note', '', 200) ?? '',
        );
    }

    /** It as a row of the table of finishes. */
    public function row(): Row
    {
        $cells = [
            'class' => $this->name, 'source' => '',
        ];
        foreach (self::MOST as $field) {
            $figures = $this->figures($field);
            $cells[$field] = $figures === [] ? '' : (string) max($figures);
        }
        foreach (self::LEAST as $field) {
            $figures = $this->figures($field);
            $cells[$field] = $figures === [] ? '' : (string) min($figures);
        }
        $solids = $this->byVolume('solids_percent', array_sum($this->parts));
        $cells['solids_percent'] = (string) max(1.0, round($solids, 2));
        $inIt = array_sum(array_intersect_key($this->parts, $this->finishes));
        $cells['coverage_m2_per_l'] = $inIt > 0 ? (string) round($this->byVolume('coverage_m2_per_l', $inIt), 2)
            : $this->like->text('coverage_m2_per_l');
        foreach ($this->typed as $field => $value) {
            $cells[$field] = (string) $value;
        }
        $until = $cells['recoat_until_h'];
        // A window that a slower part closes before the mix is dry is none.
        $cells['recoat_until_h'] = $until !== '' && (float) $until <= (float) $cells['recoat_from_h']
            && ! isset($this->typed['recoat_until_h']) ? '' : $until;
        $cells['hazards'] = implode(' ', $this->hazards());
        $cells['food'] = $this->food()->value;
        $cells['rags_self_heat'] = in_array('yes', $this->texts('rags_self_heat'), true) ? 'yes' : 'no';
        $cells['note'] = $this->note;
        $cells['mix'] = json_encode(array_map(fn (string $class): array => [
            $class, isset($this->finishes[$class]) ? $this->finishes[$class]->text('key') : null, $this->parts[$class],
        ], array_map(strval(...), array_keys($this->parts))), JSON_THROW_ON_ERROR);

        return $this->like->with($cells);
    }

    /** @return list<float> of the class that it is like and of every finish in it, where they have one */
    private function figures(string $field): array
    {
        return array_values(array_filter(
            array_map(fn (Row $row): ?float => $row->numberOrNull($field), [$this->like, ...$this->finishes]),
            fn (?float $value): bool => $value !== null,
        ));
    }

    /** Of all parts together, each for as much of it as there is. */
    private function byVolume(string $field, float $whole): float
    {
        $sum = 0.0;
        foreach ($this->finishes as $name => $row) {
            $sum += $this->parts[$name] * ($row->numberOrNull($field) ?? 0.0);
        }

        return $sum / $whole;
    }

    /** @return list<string> */
    private function texts(string $field): array
    {
        return array_map(fn (Row $row): string => $row->text($field), [$this->like, ...array_values($this->finishes)]);
    }

    private function isThinned(): bool
    {
        return count($this->finishes) < count($this->parts);
    }

    /** @return list<string> */
    private function hazards(): array
    {
        $named = array_merge(...array_map(
            fn (string $cell): array => $cell === '' ? [] : explode(' ', $cell), $this->texts('hazards'),
        ));

        return array_values(array_unique([
            ...$named, ...$this->isThinned() ? [ProductHazard::Vapour->value, ProductHazard::Flame->value] : [],
        ]));
    }

    private function food(): FoodUse
    {
        $asked = array_map(FoodUse::from(...), $this->texts('food'));
        $asked = $this->isThinned() ? [...$asked, FoodUse::AfterCure] : $asked;
        foreach (self::FOOD as $use) {
            if (in_array($use, $asked, true)) {
                return $use;
            }
        }

        return FoodUse::No;
    }
}
