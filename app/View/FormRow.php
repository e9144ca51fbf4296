<?php

declare(strict_types=1);

namespace App\View;

/** One form that could be made of a blank, in words. */
final readonly class FormRow
{
    /**
     * @param  string  $lost  of the blank
     * @param  string  $heart  of the piece
     * @param  string  $cost  of the wood that becomes shavings
     * @param  string  $draw  where it is drawn
     */
    public function __construct(
        public string $drawing,
        public string $form,
        public string $sizes,
        public string $lost,
        public string $weighs,
        public string $heart,
        public string $hands,
        public string $cost,
        public string $draw,
        public string $note,
    ) {
    }
}
