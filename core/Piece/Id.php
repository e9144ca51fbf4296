<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Geometry\Face;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;

/** The name by which a layer, mark, flaw, step, part or joint is meant in every log: stored, never worked out. */
final class Id
{
    public const PATTERN = '^[a-z0-9-]{1,40}$';

    public static function read(Document $document, string $key = 'id'): string
    {
        $id = $document->text($key, 40);
        if (preg_match('/'.self::PATTERN.'/D', $id) !== 1 || in_array($id, Face::names(), true)) {
            throw InvalidField::because(
                $document->at($key), $id,
                'it takes small letters, digits and hyphens, and not the name of a face',
            );
        }

        return $id;
    }

    /**
     * No two may be the same within a piece.
     *
     * @param  array<string, string>  $fields  the field of each id's place => the id
     */
    public static function eachOnce(array $fields): void
    {
        $seen = [];
        foreach ($fields as $field => $id) {
            if (isset($seen[$id])) {
                throw InvalidField::because(
                    $field, $id, "{$seen[$id]} has it already; every id stands once in a piece",
                );
            }
            $seen[$id] = $field;
        }
    }
}
