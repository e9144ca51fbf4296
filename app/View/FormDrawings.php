<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Drawing\Assembly;
use HonestGrain\Drawing\Elevation;
use HonestGrain\Geometry\Form;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Starter;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;

/** Every form at its usual sizes, drawn small; kept, since they are the same on every visit. */
final class FormDrawings
{
    private const WOOD = 'Cherry (black)';

    private const SMALL = 0.42;

    /**
     * @param  string  $release  that they are of
     * @return array<string, string> SVG by form
     */
    public static function all(string $release): array
    {
        return cache()->rememberForever("form-drawings-$release", fn (): array => self::drawn());
    }

    /** A bowl with its dimensions, for those who are not in yet. */
    public static function greeting(): string
    {
        $tables = Tables::of(Catalogue::shipped());
        $document = Starter::document(
            $tables->calibration->joints, Form::ShallowBowl, Form::ShallowBowl->profile(280, 96, 92, 8), [],
            ['name' => 'a bowl', 'wood' => self::WOOD],
        );
        $bowl = Piece::read(Document::of($document), $tables);

        return Elevation::of($bowl->body(), $bowl->name)->detailed();
    }

    /** @return array<string, string> */
    private static function drawn(): array
    {
        $drawings = [];
        $catalogue = Catalogue::shipped();
        foreach (Form::cases() as $form) {
            $document = Starter::document(
                $catalogue->calibration()->joints, $form, $form->profile(...array_values($form->sizes())), [],
                ['name' => $form->value, 'wood' => self::WOOD],
            );
            $piece = Piece::read(Document::of($document), Tables::of($catalogue));
            $drawings[$form->value] = Assembly::of($piece, $form->value)->small(self::SMALL, $form->label());
        }

        return $drawings;
    }
}
