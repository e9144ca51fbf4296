<?php

declare(strict_types=1);

namespace App\Along;

/** Numbers of rows that stand inside a value, from those of one place to those of another. */
final class Linked
{
    /** What a key of a press begins with: the number of its piece. */
    private const OF_PIECE = '/^(\d+):/';

    /**
     * @param  array<string, mixed>  $values  as they shall be
     * @param  array<string, mixed>  $row  with the numbers as they were
     * @param  array<string, array<int, int>>  $numbers  the new ones, by table and the old
     * @return array<string, mixed>
     */
    public static function of(string $table, array $values, array $row, array $numbers): array
    {
        return match ($table) {
            'log_entries' => [
                'once_key' => self::key($values, $row),
                'facts' => self::facts($values['facts'], $numbers['cups'] ?? []),
            ] + $values,
            'sales' => ['photos' => self::ids($values['photos'], $numbers['log_entries'] ?? [])] + $values,
            default => $values,
        };
    }

    /**
     * Pressed again it must be the same press; a key of a form is of the place where it was pressed.
     *
     * @param  array<string, mixed>  $values
     * @param  array<string, mixed>  $row
     */
    private static function key(array $values, array $row): ?string
    {
        $key = (string) $values['once_key'];
        $isOfPiece = preg_match(self::OF_PIECE, $key, $of) === 1 && (int) $of[1] === (int) $row['piece_id'];

        return $isOfPiece ? $values['piece_id'].substr($key, strlen($of[1])) : null;
    }

    /** @param  array<int, int>  $cups */
    private static function facts(mixed $facts, array $cups): mixed
    {
        $array = json_decode((string) json_encode($facts), true);
        $taken = is_array($array) ? $array['taken']['cups'] ?? null : null;
        if (! is_array($taken)) {
            return $facts;
        }
        $array['taken']['cups'] = [];
        foreach ($taken as $cup => $ml) {
            if (isset($cups[$cup])) {
                $array['taken']['cups'][$cups[$cup]] = $ml;
            }
        }
        if ($array['taken']['cups'] === []) {
            unset($array['taken']['cups']);
        }

        // Numbers as keys, in an object.
        return json_decode((string) json_encode($array, JSON_PRESERVE_ZERO_FRACTION));
    }

    /** @param  array<int, int>  $numbers */
    private static function ids(mixed $ids, array $numbers): mixed
    {
        return is_array($ids) ? array_values(array_filter(array_map(
            fn (mixed $id): ?int => is_int($id) ? $numbers[$id] ?? null : null, $ids,
        ))) : $ids;
    }
}
