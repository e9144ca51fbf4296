<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Planning\ShopMapper;
use App\View\Show;
use App\View\TemplatePdf;
use HonestGrain\Drawing\MarkTemplate;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;

/** The band of a mark laid flat, to print at true size and wrap round the piece. */
class TemplateController extends Controller
{
    private const KEPT_SECONDS = 86_400;

    public function show(
        Request $request,
        Piece $piece,
        string $mark,
        string $as,
        ShopMapper $mapper,
        Show $show,
    ): Response {
        $core = $mapper->piece($piece->workshop, $piece->document);
        $part = $this->partOf($core, $mark);
        abort_if($part === null, 404);
        // Every mark has this field: what is refused is said at its own.
        $asked = Validator::validate(
            ['template' => [$mark => $request->query('repeats')]],
            ["template.$mark" => ['nullable', 'integer', 'between:3,96']], [],
            ["template.$mark" => say('http.template.centre-lines')],
        );
        $parts = $asked['template'][$mark] ?? null;
        $svg = $show->drawn(MarkTemplate::of(
            $part, $part->mark($mark), $parts === null ? null : (int) $parts,
            $mapper->tables($piece->workshop)->calibration->layout,
        ));
        $label = $show->said($part->mark($mark)->label());
        $of = [$piece->name, ...$core->hasParts() ? [$part->name] : [], $label, $mark, 'template'];
        if ($as === 'svg') {
            return $this->download($svg, 'image/svg+xml; charset=UTF-8', 'svg', ...$of);
        }
        // The same template asked for twice is laid out once.
        $key = 'template-'.hash('xxh128', serialize([$svg, $piece->name, $label, $as]));
        $pdf = base64_decode(cache()->remember($key, self::KEPT_SECONDS, fn (): string => base64_encode(
            TemplatePdf::of($svg, "$piece->name, $label", $as),
        )), true);

        return $this->download((string) $pdf, 'application/pdf', 'pdf', ...[...$of, $as]);
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
}
