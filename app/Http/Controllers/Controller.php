<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PieceChange;
use App\Models\Change;
use App\Models\Piece;
use App\Models\User;
use App\Models\Workshop;
use App\Planning\Edit;
use App\Planning\VersionConflict;
use App\View\DownloadName;
use App\View\Moved;
use Closure;
use HonestGrain\Piece\Part;
use HonestGrain\Piece\Piece as CorePiece;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\HeaderUtils;

abstract class Controller
{
    protected function user(Request $request): User
    {
        /** @var User */
        return $request->user();
    }

    protected function workshop(Request $request): Workshop
    {
        return $this->user($request)->workshop;
    }

    /**
     * Adds somebody; of two at once with one address, the second is told so at the field.
     *
     * @template T
     *
     * @param  Closure(): T  $add
     * @return T
     *
     * @throws ValidationException
     */
    protected function adding(Request $request, string $field, Closure $add): mixed
    {
        try {
            return $add();
        } catch (UniqueConstraintViolationException) {
            throw ValidationException::withMessages([$field => trans('validation.unique', [
                'Attribute' => 'E-mail', 'input' => $request->string($field)->toString(),
            ])]);
        }
    }

    /** A file of the workshop's own, under the name of what it is of. */
    protected function download(string $content, string $type, string $extension, string ...$of): Response
    {
        return response($content, 200, [
            'Content-Type' => $type, 'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT, DownloadName::of(array_values($of), $extension),
            ),
        ]);
    }

    /** A photograph of the workshop's own: for this reader alone, and kept by nothing on the way. */
    protected function photograph(?string $file): BinaryFileResponse
    {
        $response = new BinaryFileResponse($file ?? abort(404), 200, ['Content-Type' => 'image/jpeg'], false);

        return $response->setAutoLastModified()->setPrivate();
    }

    /** The part that a page is about: the one named in its address, or the body. */
    protected function part(Request $request, CorePiece $core): Part
    {
        return $core->partOrBody($request->string('part')->toString());
    }

    /**
     * Runs a change to a piece, and says what it does to the date; where another tab was faster, nothing
     * is written and the typed values stay.
     *
     * @param  Closure(Edit): mixed  $change
     * @param  array{Change, string}  $words  what the history calls it, and what the page says of it
     */
    protected function changing(PieceChange $request, Piece $piece, Closure $change, array $words): RedirectResponse
    {
        $before = $piece->ready_at;
        try {
            $change($request->edit($words[0]));
        } catch (VersionConflict) {
            return back()->withInput()->withErrors(['version' => say('http.controller.piece-been-changed-since')]);
        }

        return back()->with([
            'said' => $words[1],
            'moved' => Moved::told(say('http.controller.it'), $before, $piece->refresh()->ready_at),
        ]);
    }
}
