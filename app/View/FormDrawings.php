<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Drawing\Elevation;
use HonestGrain\Geometry\Form;

/** Every form at its usual sizes, drawn small; kept, since they are the same on every visit. */
final class FormDrawings
{
    private const WOOD = '#d8bd8e';

    private const SMALL = 0.42;

    /** @return array<string, string> SVG by form */
    public static function all(): array
    {
        $core = dirname(__DIR__, 2).'/core/Geometry';
        $version = substr(md5((string) filemtime("$core/Form.php").filemtime("$core/Internal/EvenWall.php")), 0, 10);

        return cache()->rememberForever("form-drawings-$version", fn (): array => self::drawn());
    }

    /** @return array<string, string> */
    private static function drawn(): array
    {
        $drawings = [];
        foreach (Form::cases() as $form) {
            $profile = $form->profile(...array_values($form->sizes()));
            $drawings[$form->value] = Elevation::of(
                $profile, $form->grain(), self::WOOD, [], $form->label(), $form->value,
            )
                ->small(self::SMALL);
        }

        return $drawings;
    }
}
