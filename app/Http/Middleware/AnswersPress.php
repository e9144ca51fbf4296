<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\View\Show;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Session\Store;
use Illuminate\Support\ViewErrorBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * A press that waited on a device is answered in data, not by a page: taken (200), done otherwise meanwhile (409), or
 * refused by field (422), with what the maker is to be asked.
 */
final readonly class AnswersPress
{
    public const HEADER = 'X-Press';

    /** Flashed where somebody else was there before: what to say of it, and the entry that could be taken back. */
    public const OTHERWISE = 'otherwise';

    private const FLASHED = ['said', 'undo', 'moved', 'errors', '_old_input', self::OTHERWISE];

    public function __construct(private Show $show)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if (! $request->hasHeader(self::HEADER)) {
            return $response;
        }
        if ($response instanceof RedirectResponse) {
            /** @var Store $session */
            $session = $request->session();
            $response = $this->answer($session);
            $session->forget(self::FLASHED);
        }

        return $response instanceof JsonResponse ? $this->asking($response) : $response;
    }

    private function answer(Store $session): JsonResponse
    {
        $errors = $session->get('errors');
        if ($errors instanceof ViewErrorBag && $errors->any()) {
            return new JsonResponse(['message' => $errors->first(), 'errors' => $errors->getMessages()], 422);
        }
        $otherwise = $session->get(self::OTHERWISE);
        if ($otherwise !== null) {
            return new JsonResponse(
                ['undo' => route('log.undo', $otherwise['undo'], absolute: false)] + $otherwise, 409,
            );
        }
        $said = $session->get('said');

        return new JsonResponse(['message' => $said === null ? '' : $this->show->said($said)]);
    }

    /** What a refusal leaves to be answered: how the coat below is, or that it goes on all the same. */
    private function asking(JsonResponse $response): JsonResponse
    {
        /** @var array{errors?: array<string, mixed>} $data */
        $data = $response->getData(true);
        $choices = [
            'found' => lines('pages.found'), 'sure' => ['1' => say('scripts.all-the-same')],
        ];
        foreach (array_intersect_key($choices, $data['errors'] ?? []) as $field => $words) {
            $response->setData($data + ['asks' => ['field' => $field, 'choices' => $words]]);
        }

        return $response;
    }
}
