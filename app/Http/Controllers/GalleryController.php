<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Spreadsheet;
use App\Models\Piece;
use App\Models\PieceState;
use App\Models\Workshop;
use App\Planning\ShopMapper;
use App\View\DownloadName;
use App\View\OwnerCard;
use App\View\PdfPages;
use App\View\Show;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Finished pieces as a list for a gallery or a fair: what each is of, how large, its finish and its price. */
class GalleryController extends Controller
{
    /** The newest; a list is for one shelf. */
    private const MOST = 200;

    public function __construct(private readonly ShopMapper $mapper, private readonly Show $show)
    {
    }

    public function csv(Request $request): StreamedResponse
    {
        $workshop = $this->workshop($request);
        $rows = array_map(fn (Piece $piece): array => [
            $piece->name, $this->card($piece)->woods(), round($piece->diameter_mm), round($piece->height_mm),
            $this->card($piece)->finishes(), $piece->ready_at?->toDateString(), $piece->sale?->price,
        ], $this->pieces($workshop));

        return Spreadsheet::download(DownloadName::of([$workshop->name, 'pieces'], 'csv'), [
            'piece', 'wood', 'across_mm', 'high_mm', 'finish', 'cured_on', 'price',
        ], $rows);
    }

    public function pdf(Request $request): Response
    {
        $workshop = $this->workshop($request);
        $rows = array_map(
            fn (Piece $piece): array => [$piece, $this->card($piece)], $this->pieces($workshop),
        );

        $html = view('print.gallery', ['workshop' => $workshop, 'pieces' => $rows])->render();

        return response(PdfPages::of($html, $workshop->name, 'a4'), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => sprintf(
                'attachment; filename="%s"', DownloadName::of([$workshop->name, 'pieces'], 'pdf'),
            ),
        ]);
    }

    private function card(Piece $piece): OwnerCard
    {
        return new OwnerCard($piece, $this->mapper->piece($piece->workshop, $piece->document), $this->show);
    }

    /** @return list<Piece> */
    private function pieces(Workshop $workshop): array
    {
        return array_values($workshop->pieces()->where('state', PieceState::Done)->with('sale')->latest('ready_at')
            ->limit(self::MOST)->get()->each(fn (Piece $piece) => $piece->setRelation('workshop', $workshop))->all());
    }
}
