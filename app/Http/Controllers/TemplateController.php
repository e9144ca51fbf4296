<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Planning\ShopMapper;
use App\View\TemplatePdf;
use HonestGrain\Drawing\MarkTemplate;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;

/** The band of a mark laid flat, to print at true size and wrap round the piece. */
class TemplateController extends Controller
{
    public function show(Request $request, Piece $piece, string $mark, string $as, ShopMapper $mapper): Response
    {
        $core = $mapper->piece($piece->workshop, $piece->document);
        $part = $this->partOf($core, $mark);
        abort_if($part === null, 404);
        // Every mark has this field: what is refused is said at its own.
        $asked = Validator::validate(
            ['template' => [$mark => $request->query('repeats')]],
            ["template.$mark" => ['nullable', 'integer', 'between:3,96']], [],
            ["template.$mark" => 'centre lines'],
        );
        $parts = $asked['template'][$mark] ?? null;
        $svg = MarkTemplate::of(
            $part, $part->mark($mark), $parts === null ? null : (int) $parts,
            $mapper->tables($piece->workshop)->calibration->layout,
        );
        $name = Str::slug($piece->name.'-'.$part->mark($mark)->label()) ?: 'template';

        return $as === 'svg'
            ? $this->file($svg, 'image/svg+xml; charset=UTF-8', "$name.svg")
            : $this->file(
                TemplatePdf::of($svg, "$piece->name, ".$part->mark($mark)->label(), $as), 'application/pdf',
                "$name.pdf",
            );
    }

    private function partOf(CorePiece $core, string $mark): ?Part
    {
        foreach ($core->parts as $part) {
            if ($part->hasMark($mark)) {
                return $part;
            }
        }

        return null;
    }

    private function file(string $content, string $type, string $name): Response
    {
        return response($content, 200, [
            'Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"$name\"",
        ]);
    }
}
