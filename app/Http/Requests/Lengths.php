<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Words\Unit;
use Illuminate\Contracts\Validation\ValidationRule;

/** Several lengths in one field, parted by commas, each as a maker writes one: "8, 10, 25" or "3/8, 1 1/16". */
final readonly class Lengths implements ValidationRule
{
    private const MOST = 60;

    public function __construct(private Show $show, private float $leastMm, private float $mostMm)
    {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $texts = self::texts((string) $value);
        foreach ($texts as $text) {
            $mm = $this->mm($text);
            if ($mm === null || $mm < $this->leastMm || $mm > $this->mostMm) {
                $fail(say('http.lengths.is-no-length', [
                    'text' => mb_strimwidth($text, 0, 30, '…'), 'least' => $this->show->length($this->leastMm),
                    'most' => $this->show->length($this->mostMm),
                ]));

                return;
            }
        }
        if (count($texts) > self::MOST) {
            $fail(say('http.lengths.too-many', ['count' => count($texts), 'most' => self::MOST]));
        }
    }

    /** @return list<float> mm, those that are lengths */
    public function all(string $typed): array
    {
        return array_values(array_filter(
            array_map($this->mm(...), self::texts($typed)), fn (?float $mm): bool => $mm !== null,
        ));
    }

    private function mm(string $text): ?float
    {
        $isImperial = $this->show->unit(Unit::Length) === Unit::Length->name(true);
        $number = ReadingValidator::number($text, $isImperial) ?? (is_numeric($text) ? (float) $text : null);

        return $number === null ? null : round($this->show->typed(Unit::Length, $number), 2);
    }

    /** @return list<string> */
    private static function texts(string $typed): array
    {
        return array_values(array_filter(
            array_map(trim(...), preg_split('/[,;]/', $typed) ?: []), fn (string $text): bool => $text !== '',
        ));
    }
}
