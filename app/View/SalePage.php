<?php

declare(strict_types=1);

namespace App\View;

use App\Figures\PieceEffort;
use App\Models\EntryKind;
use App\Models\LogEntry;
use App\Models\Piece;
use App\Models\Sale;
use Illuminate\Support\Collection;

/** For whom a piece is, what it costs to make and what that leaves, and its public page. */
final readonly class SalePage
{
    public Sale $sale;

    public function __construct(private Piece $piece, private PieceEffort $effort, private Show $show)
    {
        $this->sale = $piece->sale ?? new Sale;
    }

    /** @return list<array{string, string, string}> what is paid for, how much, and how that comes about */
    public function costs(): array
    {
        $cost = $this->effort->cost;
        $shop = $this->piece->workshop;
        $hours = fn (float $minutes): string => $this->show->hours($minutes / 60);

        return [
            [say('view.sale-page.hands'), $this->money($cost->hands), say('view.sale-page.hands-of', [
                'done' => $hours($this->effort->doneMinutes), 'open' => $hours($this->effort->openMinutes),
                'rate' => $shop->hour_rate === null
                    ? say('view.sale-page.no-rate') : number_format($shop->hour_rate, 2),
            ])],
            [say('view.sale-page.wood'), $this->money($cost->wood), $cost->wood === null
                ? say('view.sale-page.no-wood-price') : ''],
            [say('view.sale-page.used-up'), $this->money($cost->usedUp), $this->effort->isWhole
                ? say('view.sale-page.shelf-prices') : say('view.sale-page.some-unpriced')],
            [say('view.sale-page.current'), $this->money($cost->current), say('view.sale-page.current-of', [
                'time' => $hours($this->effort->latheMinutes),
            ])],
        ];
    }

    public function totalLabel(): string
    {
        $cost = $this->effort->cost;
        $isWhole = $this->effort->isWhole && ! in_array(null, [$cost->hands, $cost->wood, $cost->current], true);

        return $isWhole ? say('view.sale-page.in-all') : say('view.sale-page.as-known');
    }

    public function total(): string
    {
        return $this->money($this->effort->cost->total());
    }

    /** "It leaves 37.16.", or what it costs more than is asked; empty without a price. */
    public function leaves(): string
    {
        $price = $this->sale->price;
        $left = $price === null ? 0.0 : $this->effort->cost->leaves($price);

        return match (true) {
            $price === null => '',
            $left < 0 => say('view.sale-page.loses', ['sum' => $this->money(-$left)]),
            default => say('view.sale-page.leaves', ['sum' => $this->money($left)]),
        };
    }

    public function address(): string
    {
        return route('public-piece', $this->sale->token);
    }

    /** @return Collection<int, LogEntry> those of its record that have a photograph, the latest first */
    public function photographs(): Collection
    {
        return $this->piece->logEntries()->whereNot('kind', EntryKind::Undone)->whereNotNull('facts->photo')
            ->latest('happened_at')->limit(24)->get();
    }

    private function money(?float $sum): string
    {
        return $sum === null ? '–' : number_format($sum, 2);
    }
}
