<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Planning\PieceDocumentSchema;
use App\Planning\PieceEditor;
use HonestGrain\Reading\Document;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

class PieceImportController extends Controller
{
    private const MAX_KILOBYTES = 512;

    public function store(Request $request, PieceEditor $editor, PieceDocumentSchema $schema): RedirectResponse
    {
        $file = $request->validate(['file' => ['required', 'file', 'max:'.self::MAX_KILOBYTES]], [
            'file.max' => 'The file is larger than '.self::MAX_KILOBYTES.' kB; a piece takes a few kB.',
        ])['file'];
        $text = (string) file_get_contents($file->getRealPath());
        if (str_starts_with($text, "\xEF\xBB\xBF")) {
            $text = substr($text, 3);
        }
        Document::decode($text);
        $document = $schema->valid($text);
        $piece = $editor->create(
            $this->workshop($request), $document, $this->user($request), 'brought in', once: $this->once($request),
        );

        return redirect()->route('pieces.shape', $piece)->with('said', "“{$piece->name}” was brought in.");
    }
}
