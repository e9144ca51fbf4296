<?php

declare(strict_types=1);

namespace HonestGrain\Piece;

use HonestGrain\Geometry\Face;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/** The name by which a layer, mark, flaw, step, part or joint is meant in every log: stored, never worked out. */
final class Id
{
    public const PATTERN = '^[a-z0-9-]{1,40}$';

    private const LETTERS = 'abcdefghijklmnopqrstuvwxyz0123456789';

    private const FRESH_LENGTH = 7;

    /** One that nothing of a piece ever had, so that what was logged stays what it was. */
    public static function fresh(string $kind): string
    {
        $id = "$kind-";
        for ($i = 0; $i < self::FRESH_LENGTH; $i++) {
            $id .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }

        return $id;
    }

    /**
     * The first numbered one that is not among these.
     *
     * @param  list<string>  $taken
     */
    public static function free(string $kind, array $taken): string
    {
        $i = count($taken) + 1;
        while (in_array("$kind-$i", $taken, true)) {
            $i++;
        }

        return "$kind-$i";
    }

    public static function read(Document $document, string $key = 'id'): string
    {
        $id = $document->text($key, 40);
        if (preg_match('/'.self::PATTERN.'/D', $id) !== 1 || in_array($id, Face::names(), true)) {
            throw InvalidField::because(
                $document->at($key), $id,
                new Said('piece.id.takes-small-letters-digits'),
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
                    $field, $id, new Said('piece.id.has-already-every-id', ['what' => $seen[$id]]),
                );
            }
            $seen[$id] = $field;
        }
    }
}
