<?php

declare(strict_types=1);

namespace HonestGrain\Geometry;

use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;
use HonestGrain\Words\Said;

/** The faces of a part. */
enum Face: string
{
    case Outside = 'outside';
    case Inside = 'inside';
    case Rim = 'rim';
    case Top = 'top';
    case Foot = 'foot';
    case Bore = 'bore';

    /** Its name within a sentence. */
    public function said(): Said
    {
        return new Said("geometry.face.$this->value");
    }

    /**
     * The faces of one list that another has too.
     *
     * @param  array<self>  $faces
     * @param  array<self>  $others
     * @return list<self>
     */
    public static function among(array $faces, array $others): array
    {
        return array_values(array_filter($faces, fn (self $face): bool => in_array($face, $others, true)));
    }

    /**
     * The faces of one list that another has not.
     *
     * @param  array<self>  $faces
     * @param  array<self>  $others
     * @return list<self>
     */
    public static function except(array $faces, array $others): array
    {
        return array_values(array_filter($faces, fn (self $face): bool => ! in_array($face, $others, true)));
    }

    /**
     * As a document names them.
     *
     * @param  list<self>|null  $faces  null for every one
     * @return list<string>
     */
    public static function names(?array $faces = null): array
    {
        return array_map(fn (self $face): string => $face->value, $faces ?? self::cases());
    }

    /**
     * Each of them once.
     *
     * @param  list<self>  $faces
     * @return list<self>
     */
    public static function once(array $faces): array
    {
        return self::all(array_values(array_unique(self::names($faces))));
    }

    /**
     * Those that a document lists, in its order.
     *
     * @return list<self>
     *
     * @throws InvalidField for a name of none, and for more than there are
     */
    public static function read(Document $document, string $key): array
    {
        $names = $document->strings($key, count(self::cases()));

        return array_map(fn (string $name, int $i): self => self::tryFrom($name) ?? throw InvalidField::choice(
            $document->at("$key.$i"), $name, self::names(),
        ), $names, array_keys($names));
    }

    /**
     * Those among some names, such as the zones of a drawing, that are faces.
     *
     * @param  array<string>  $names
     * @return list<self>
     */
    public static function in(array $names): array
    {
        return array_values(array_filter(array_map(self::tryFrom(...), $names)));
    }

    /**
     * Those named, in their order.
     *
     * @param  list<string>  $names
     * @return list<self>
     *
     * @throws \ValueError for a name of none
     */
    public static function all(array $names): array
    {
        return array_map(self::from(...), $names);
    }
}
