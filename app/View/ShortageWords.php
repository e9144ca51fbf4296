<?php

declare(strict_types=1);

namespace App\View;

use App\Figures\Shortage;
use Illuminate\Support\Str;

/** One line of the shopping list: what, how much, for which piece, by when. */
final readonly class ShortageWords
{
    private function __construct(
        public string $what,
        public string $amount,
        public string $piece,
        public string $link,
        public string $by,
    ) {
    }

    /**
     * @param  list<Shortage>  $shortages
     * @return list<self>
     */
    public static function all(array $shortages, Show $show): array
    {
        return array_map(fn (Shortage $one): self => new self(
            $one->what, $one->isDiscs ? self::discs($one) : $show->volume($one->needed - $one->left).' more of '
                .$show->volume($one->needed), $one->piece, route('pieces.route', $one->pieceId),
            $one->at === null ? '.' : ', by '.$show->calendarDay($one->at).'.',
        ), $shortages);
    }

    /** "P240, 4 more discs of 12, for Ebb bowl, by Sat 12 Dec." */
    public function line(): string
    {
        return "$this->what, $this->amount, for $this->piece$this->by";
    }

    private static function discs(Shortage $one): string
    {
        $more = (int) ceil($one->needed - $one->left);

        return "$more more ".Str::plural('disc', $more).' of '.(int) $one->needed;
    }
}
