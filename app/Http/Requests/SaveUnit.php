<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Layout\OwnRepeat;
use HonestGrain\Layout\SvgStrokes;
use HonestGrain\Reading\BadInput;
use Illuminate\Validation\ValidationException;

/** A repeat of the maker's own: drawn on the page, or in an SVG file. */
class SaveUnit extends PieceChange
{
    protected function fields(Show $show): array
    {
        return [
            'strokes' => ['nullable', 'string', 'max:200000', 'json'],
            'file' => ['nullable', 'file', 'max:'.intdiv(SvgStrokes::MAX_BYTES, 1000)],
        ];
    }

    /** @throws ValidationException */
    public function repeat(): OwnRepeat
    {
        $file = $this->file('file');
        try {
            return $file !== null ? SvgStrokes::read(
                (string) file_get_contents($file->getPathname()),
            ) : OwnRepeat::read(
                array_values((array) json_decode((string) $this->validated('strokes'), true, 8)), 'strokes',
            );
        } catch (BadInput $e) {
            throw ValidationException::withMessages([$file !== null ? 'file' : 'strokes' => $e->getMessage()]);
        }
    }
}
