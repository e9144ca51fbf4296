<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\ViewErrorBag;

/** Which refusals already stand at their own field, so that the top of the page does not say them again. */
final class ShownErrors
{
    /** @var array<string, true> */
    private array $shown = [];

    /** The name of a field as errors are kept: own[outside] is own.outside. */
    public static function key(string $name): string
    {
        return str_replace(['[', ']'], ['.', ''], $name);
    }

    public function add(string $name): void
    {
        $this->shown[self::key($name)] = true;
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
