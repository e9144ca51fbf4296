<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Figures\PieceEffort;
use App\Http\Requests\SaveSale;
use App\Http\Requests\ShowPublicly;
use App\Models\Piece;
use App\Planning\ShopMapper;
use App\View\OwnerCard;
use App\View\PiecePage;
use App\View\SalePage;
use App\View\Show;
use HonestGrain\Piece\Care;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** For whom a piece is, what it costs and brings, the card that goes with it, and its public page. */
class SaleController extends Controller
{
    public function show(Piece $piece, Show $show): View
    {
        return view('pieces.sale', [
            'page' => PiecePage::of($piece, $show),
            'sale' => new SalePage($piece, PieceEffort::of($piece), $show),
        ]);
    }

    public function update(SaveSale $request, Piece $piece): RedirectResponse
    {
        return $this->keep($piece, $request->seen(), $request->kept(), say('http.sale.saved'));
    }

    /** What of it is seen by whoever has the address, if anything. */
    public function publish(ShowPublicly $request, Piece $piece): RedirectResponse
    {
        return $this->keep($piece, $request->seen(), $request->kept(), $request->boolean('is_public')
            ? say('http.sale.public') : say('http.sale.private'));
    }

    /** The card that goes with it, to print. */
    public function card(Piece $piece, ShopMapper $mapper, Show $show): View
    {
        $core = $mapper->piece($piece->workshop, $piece->document);

        return view('pieces.owner-card', [
            'piece' => $piece, 'card' => new OwnerCard($piece, $core, $show), 'care' => Care::of($core),
        ]);
    }

    /**
     * @param  array<string, mixed>  $kept
     *
     * @throws ValidationException where it was changed since the page was made
     */
    private function keep(Piece $piece, int $seen, array $kept, string $said): RedirectResponse
    {
        DB::transaction(function () use ($piece, $seen, $kept): void {
            // The piece is there to be locked before its sale is: of two first saves, one waits for the other.
            Piece::query()->whereKey($piece->id)->lockForUpdate()->firstOrFail(['id']);
            $sale = $piece->sale()->first() ?? $piece->sale()->make();
            if ($sale->version !== $seen) {
                throw ValidationException::withMessages(['version' => say('http.controller.piece-been-changed-since')]);
            }
            $sale->fill($kept + ['version' => $seen + 1])->save();
        });

        return back()->with('said', $said);
    }
}
