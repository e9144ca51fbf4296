<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\ViewErrorBag;

/** Which refusals stand at their own field: the top of the page links to them, and says the others itself. */
final class ShownErrors
{
    /** @var array<string, true> */
    private array $shown = [];

    /** The name of a field as errors are kept: own[outside] is own.outside. */
    public static function key(string $name): string
    {
        return str_replace(['[', ']'], ['.', ''], $name);
    }

    /** Where on the page the refusal of a field stands. */
    public static function anchor(string $key): string
    {
        return 'refused-'.preg_replace('/[^a-z0-9]+/i', '-', $key);
    }

    /** @return bool whether it stands on this page for the first time */
    public function add(string $name): bool
    {
        $isFirst = ! isset($this->shown[self::key($name)]);
        $this->shown[self::key($name)] = true;

        return $isFirst;
    }

    /** @return array<string, string> what stands at its own field, by where it stands */
    public function linked(ViewErrorBag $errors): array
    {
        $linked = [];
        foreach ($errors->getBag('default')->toArray() as $key => $messages) {
            if (isset($this->shown[$key])) {
                $linked[self::anchor((string) $key)] = implode(' ', $messages);
            }
        }

        return $linked;
    }

    /** @return list<string> */
    public function others(ViewErrorBag $errors): array
    {
        $others = [];
        foreach ($errors->getBag('default')->toArray() as $key => $messages) {
            if (! isset($this->shown[$key])) {
                $others = [...$others, ...$messages];
            }
        }

        return array_keys(array_flip($others));
    }
}
