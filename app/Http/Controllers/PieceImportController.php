<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ImportPiece;
use App\Models\Change;
use App\Planning\BroughtIn;
use App\Planning\DocumentSchema;
use App\Planning\PieceEditor;
use HonestGrain\Reading\Document;
use Illuminate\Http\RedirectResponse;

class PieceImportController extends Controller
{
    public function store(
        ImportPiece $request,
        PieceEditor $editor,
        DocumentSchema $schema,
        BroughtIn $brought,
    ): RedirectResponse {
        $text = $request->text();
        $read = Document::decode($text);
        $document = $schema->valid($text);
        $user = $this->user($request);
        $unknown = $brought->unknown($user->workshop, $document);
        $piece = $editor->create(
            $user->workshop, $read, $user, Change::BroughtIn, once: $request->validated('once'),
            with: fn () => $brought->take($user->workshop, $unknown),
        );
        $names = array_column(array_merge(...array_values($unknown)), 'name');

        return redirect()->route('pieces.shape', $piece)->with(
            'said', say('http.piece-import.brought', [
                'piece' => $piece->name,
                'woods' => $names === [] ? '.' : say('http.piece-import.with-which-your-not', [
                    'names' => implode(', ', $names),
                ]),
            ]),
        );
    }
}
