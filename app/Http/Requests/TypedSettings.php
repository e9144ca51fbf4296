<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Show;
use HonestGrain\Technique\Decoration;
use HonestGrain\Technique\Setting;
use HonestGrain\Words\Unit;
use Illuminate\Validation\Rule;

/** What is set for a technique, as a form sends it: by the setting's key, in the reader's units. */
final class TypedSettings
{
    /** @return array<string, list<mixed>> rules, by field */
    public static function rules(Show $show): array
    {
        $rules = [];
        foreach (Setting::cases() as $setting) {
            $rules["set.$setting->value"] = ['nullable', ...self::limits($setting, $show)];
        }

        return $rules;
    }

    /** @return array<string, string> what each is called in a refusal, by field */
    public static function names(Show $show): array
    {
        $names = [];
        foreach (Setting::cases() as $setting) {
            $names["set.$setting->value"] = mb_lcfirst($show->said($setting->label()));
        }

        return $names;
    }

    /**
     * What was set before with what was typed put in: of those that the technique knows, an empty one is as usual.
     *
     * @param  array<string, string|null>  $typed  by the setting's key
     * @param  array<string, mixed>  $was  as in a document
     * @return array<string, mixed> as in a document
     */
    public static function of(Decoration $technique, array $typed, array $was, Show $show): array
    {
        $set = $was;
        foreach ($technique->settings() as $setting) {
            unset($set[$setting->value]);
            $one = $typed[$setting->value] ?? null;
            if ($one !== null) {
                $set[$setting->value] = match (true) {
                    $setting->choices() !== [] => $one,
                    $setting->isLength() => $show->typed(Unit::Length, (float) $one),
                    default => (float) $one,
                };
            }
        }

        return $set;
    }

    /** @return list<mixed> */
    private static function limits(Setting $setting, Show $show): array
    {
        if ($setting->choices() !== []) {
            return [Rule::in(array_keys($setting->choices()))];
        }
        [$least, $most] = $setting->limits();

        return [
            $setting->isWhole() ? 'integer' : 'numeric',
            $setting->isLength() ? $show->between(Unit::Length, $least, $most) : "between:$least,$most",
        ];
    }
}
