<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Requests\TakesLists;
use App\View\FieldWords;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Reflector;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets in only input that a form of ours could have sent: text in UTF-8 without control characters, and lists where the
 * form of the route has a field that is one. What is refused is named, and is not kept for the page to show again.
 */
class ReadableInput
{
    private const MOST_VALUES = 60;

    public function handle(Request $request, Closure $next): Response
    {
        // The drawing sends a document, which the core reads, and refuses, field by field.
        $sent = $request->isJson() ? $request->json() : $request->request;
        $form = $request->routeIs('pieces.shape.preview') ? [] : $sent->all();
        foreach ($form as $name => $value) {
            $sent->set((string) $name, self::typed($value));
        }
        $lists = self::lists($request);
        $faults = [];
        foreach ([...$request->query->all(), ...$form] as $name => $value) {
            $why = $this->fault((string) $name, $value, $lists);
            if ($why !== null) {
                $field = $this->isClean((string) $name) ? mb_substr((string) $name, 0, 60) : 'document';
                $faults[$field] = say('http.readable-input.cannot-read', [
                    'of' => FieldWords::of($field),
                    'why' => $why,
                ]);
                $request->query->remove((string) $name);
                $sent->remove((string) $name);
            }
        }
        if ($faults !== []) {
            $this->refuse($request, $faults);
        }

        return $next($request);
    }

    /** A number of a JSON document is what its field would hold: text. */
    private static function typed(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map(self::typed(...), $value),
            is_int($value), is_float($value) => (string) $value,
            default => $value,
        };
    }

    /** @return list<string> fields of the route's form that hold several values */
    private static function lists(Request $request): array
    {
        $lists = [];
        foreach ($request->route()?->signatureParameters(['subClass' => TakesLists::class]) ?? [] as $parameter) {
            /** @var class-string<TakesLists> $form */
            $form = (string) Reflector::getParameterClassName($parameter);
            $lists = [...$lists, ...$form::lists()];
        }

        return $lists;
    }

    /** @param  list<string>  $lists */
    private function fault(string $name, mixed $value, array $lists): ?string
    {
        if (! $this->isClean($name) || mb_strlen($name) > 60) {
            return say('http.readable-input.name-not-one-page');
        }
        if (! is_array($value)) {
            return $this->isClean($value) ? null : say('http.readable-input.holds-characters-no-text');
        }
        if (! in_array($name, $lists, true)) {
            return say('http.readable-input.came-list-takes-one');
        }
        if (count($value) > self::MOST_VALUES) {
            return say('http.readable-input.holds-too-many-values');
        }
        foreach ($value as $key => $one) {
            if (is_array($one) || ! $this->isClean($one) || ! $this->isClean((string) $key)) {
                return say('http.readable-input.one-values-no-plain');
            }
        }

        return null;
    }

    private function isClean(mixed $value): bool
    {
        return ! is_string($value)
            || (mb_check_encoding($value, 'UTF-8') && preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', $value) === 0);
    }

    /** @param  non-empty-array<string, string>  $faults  by field, which is gone from the request */
    private function refuse(Request $request, array $faults): never
    {
        if ($request->isMethodSafe() && ! $request->expectsJson()) {
            abort(422, implode(' ', $faults));
        }

        throw ValidationException::withMessages($faults);
    }
}
