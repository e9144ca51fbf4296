<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Models\Sale;
use App\Pictures\Photos;
use App\Planning\ShopMapper;
use App\View\OwnerCard;
use App\View\Show;
use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Piece\Care;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A piece as whoever has its address may see it, while its maker lets them. */
class PublicPieceController extends Controller
{
    public function show(string $token, ShopMapper $mapper, Catalogue $catalogue): View
    {
        $sale = $this->sale($token);
        $core = $mapper->piece($sale->piece->workshop, $sale->piece->document);
        $show = Show::for(null, $catalogue);

        return view('public-piece', [
            'sale' => $sale, 'piece' => $sale->piece, 'card' => new OwnerCard($sale->piece, $core, $show),
            'care' => Care::of($core),
        ]);
    }

    public function photo(string $token, int $number, Photos $photos): BinaryFileResponse
    {
        $sale = $this->sale($token);
        abort_unless(in_array($number, $sale->photos, true), 404);

        return $this->photograph($photos->of($sale->piece->logEntries()->findOrFail($number)));
    }

    private function sale(string $token): Sale
    {
        $sale = Sale::query()->where('token', $token)->where('is_public', true)
            ->with(['piece' => fn (BelongsTo $piece) => $piece->with('workshop')])->firstOrFail();
        abort_if($sale->piece->isPutAway(), 404);

        return $sale;
    }
}
