<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\Str;

/** What a file is called that goes out: by what it is of, so that no two of one piece have the same name. */
final class DownloadName
{
    private const MOST = 120;

    /**
     * @param  list<string>  $of  the piece, and where it has them its part, its mark, its sheet
     * @return string of plain letters, with its ending
     */
    public static function of(array $of, string $extension): string
    {
        $words = array_filter(array_map(fn (string $one): string => Str::slug($one), $of));

        return (mb_substr(implode('-', array_unique($words)), 0, self::MOST) ?: 'piece').".$extension";
    }
}
