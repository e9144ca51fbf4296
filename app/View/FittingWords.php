<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Lathework\FittingKind;
use HonestGrain\Lathework\FittingSize;
use HonestGrain\Piece\Fitting;
use HonestGrain\Piece\HoleFrom;
use HonestGrain\Words\Said;
use HonestGrain\Words\Unit;

/** What is fitted to a part in the reader's words and units, and the fields that it is typed in. */
final readonly class FittingWords
{
    /** @param  list<FittingSize>  $list  the shop's own */
    public function __construct(private array $list, private Show $show)
    {
    }

    /** "Brass ferrule, 18 mm and 20 mm long, at the top" */
    public function at(Fitting $fitting): string
    {
        return say('view.fitting-words.at', [
            'what' => mb_ucfirst($this->size($fitting->size)), 'end' => $this->show->said(self::end($fitting->from)),
        ]);
    }

    /** @return array<int|string, string> of the shop's own list, by their places */
    public function list(): array
    {
        return ['' => say('view.fitting-words.by-size')] + array_map(
            fn (FittingSize $size): string => mb_ucfirst($this->size($size)), $this->list,
        );
    }

    /** @return array<string, Said> */
    public function kinds(): array
    {
        return array_column(array_map(
            fn (FittingKind $kind): array => [$kind->value, $kind->label()], FittingKind::cases(),
        ), 1, 0);
    }

    /** @return array<string, Said> */
    public function ends(): array
    {
        return array_column(array_map(
            fn (HoleFrom $end): array => [$end->value, self::end($end)], [HoleFrom::Top, HoleFrom::Foot],
        ), 1, 0);
    }

    /** @return array<string, array{string, string}> label and value by field */
    public function numbers(?Fitting $fitting): array
    {
        $mm = ['mm' => $this->show->unit(Unit::Length)];
        $value = fn (?float $length): string => $this->show->field(Unit::Length, $length);

        return [
            'fitting_across' => [say('view.fitting-words.across', $mm), $value($fitting?->size->diameterMm)],
            'fitting_long' => [say('view.fitting-words.long', $mm), $value($fitting?->size->lengthMm)],
            'fitting_outer' => [say('view.fitting-words.outer', $mm), $value($fitting?->size->outerMm)],
        ];
    }

    private static function end(HoleFrom $end): Said
    {
        return new Said("route.fittings.end-$end->value");
    }

    private function size(FittingSize $size): string
    {
        return say('view.fitting-words.size', [
            'what' => $this->show->said($size->called()),
            'across' => $this->show->length($size->diameterMm, $this->show->fine()),
            'long' => $this->show->length($size->lengthMm),
        ]);
    }
}
