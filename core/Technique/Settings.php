<?php

declare(strict_types=1);

namespace HonestGrain\Technique;

use HonestGrain\Layout\OwnRepeat;
use HonestGrain\Reading\Document;
use HonestGrain\Reading\InvalidField;

/** What a maker set for a technique on a band. What was left alone is not held: the technique has its likely value. */
final readonly class Settings
{
    /** @param  array<string, float|string>  $values  by key of a setting */
    public function __construct(private array $values = [], public ?OwnRepeat $own = null)
    {
    }

    /** @throws InvalidField for a value that its setting does not allow */
    public static function read(Document $settings): self
    {
        $values = [];
        foreach (Setting::cases() as $setting) {
            if (! $settings->has($setting->value)) {
                continue;
            }
            [$least, $most] = $setting->limits();
            $values[$setting->value] = match (true) {
                $setting->choices() !== [] => $settings->choice($setting->value, array_keys($setting->choices())),
                $setting->isWhole() => (float) $settings->integer($setting->value, (int) $least, (int) $most),
                default => $settings->number($setting->value, $least, $most),
            };
        }

        return new self(
            $values, $settings->has('strokes') ? OwnRepeat::read(
                $settings->list('strokes', OwnRepeat::MOST_STROKES), $settings->at('strokes'),
            ) : null,
        );
    }

    /** What is set, over what is likely. */
    public function over(self $likely): self
    {
        return new self($this->values + $likely->values, $this->own ?? $likely->own);
    }

    /** The same with a repeat of the maker's own; none where nothing is drawn. */
    public function repeating(?OwnRepeat $own): self
    {
        return new self($this->values, $own === null || $own->strokes === [] ? null : $own);
    }

    /** @param  array<string, float|string>  $values  by key of a setting */
    public static function of(array $values): self
    {
        return new self($values);
    }

    public function has(Setting $setting): bool
    {
        return isset($this->values[$setting->value]);
    }

    public function number(Setting $setting): float
    {
        return (float) ($this->values[$setting->value] ?? throw new \LogicException("$setting->value is not set."));
    }

    public function numberOr(Setting $setting, ?float $else): ?float
    {
        return $this->has($setting) ? $this->number($setting) : $else;
    }

    public function whole(Setting $setting): int
    {
        return (int) $this->number($setting);
    }

    public function choiceOr(Setting $setting, string $else): string
    {
        return $this->has($setting) ? $this->choice($setting) : $else;
    }

    public function choice(Setting $setting): string
    {
        return (string) ($this->values[$setting->value] ?? throw new \LogicException("$setting->value is not set."));
    }

    /** @return array<string, float|string|list<list<array{float, float}>>> as in the document */
    public function toArray(): array
    {
        return $this->values + ($this->own === null ? [] : ['strokes' => $this->own->strokes]);
    }
}
