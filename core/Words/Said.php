<?php

declare(strict_types=1);

namespace HonestGrain\Words;

/**
 * Something that is to be said, before it is put into words: which line of a language file, and what stands in it.
 *
 * @phpstan-type Part string|Quantity|Said|list<string|Quantity|Said>|null
 */
final readonly class Said implements \JsonSerializable
{
    /** The line that holds a text as its maker wrote it. */
    private const AS_WRITTEN = 'words.as-written';

    /**
     * @param  string  $code  file and keys, as "mending.causes.bevel.title"
     * @param  array<string, string|Quantity|self|list<string|Quantity|self>|null>  $of  names, quantities and
     *     what is said within it, by their place in the line; null where nothing stands there
     * @param  string|null  $kept  the words that it had when it was kept, for a language that has lost the line
     */
    public function __construct(public string $code, public array $of = [], public ?string $kept = null)
    {
    }

    /** A name, or what somebody wrote: the same in every language. */
    public static function name(string $text): self
    {
        return new self(self::AS_WRITTEN, ['text' => $text]);
    }

    /**
     * The same with more that stands in it.
     *
     * @param  array<string, string|Quantity|self|list<string|Quantity|self>|null>  $of
     */
    public function with(array $of): self
    {
        return new self($this->code, $of + $this->of);
    }

    /** The same within a sentence. */
    public static function lower(self|string $what): self
    {
        return new self('words.lower', ['what' => $what]);
    }

    /** The same at the start of a sentence. */
    public static function upper(self|string $what): self
    {
        return new self('words.upper', ['what' => $what]);
    }

    /** What is done, and where. */
    public static function at(self|string $what, self|string $where): self
    {
        return new self('words.at', ['what' => $what, 'where' => $where]);
    }

    /** What somebody or something is called, and what is said of it. */
    public static function of(self|string $whose, self|string $what): self
    {
        return new self('words.of', ['whose' => $whose, 'what' => $what]);
    }

    /** The same, to be kept with the words that it has now. */
    public function keptAs(string $text): self
    {
        return new self($this->code, $this->of, $text);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->toArray();
    }

    /** The text, where it is one as somebody wrote it. */
    public function asWritten(): ?string
    {
        $text = $this->code === self::AS_WRITTEN ? $this->of['text'] ?? null : null;

        return is_string($text) ? $text : null;
    }

    /** @return array<string, mixed> `{"code","quantities","text"}`, without what is empty */
    public function toArray(): array
    {
        return ['code' => $this->code] + ($this->of === [] ? [] : [
            'quantities' => array_map(self::written(...), $this->of),
        ]) + ($this->kept === null ? [] : ['text' => $this->kept]);
    }

    /**
     * What `toArray` wrote.
     *
     * @param  array<array-key, mixed>  $kept
     *
     * @throws \UnexpectedValueException for anything else
     */
    public static function read(array $kept): self
    {
        $code = $kept['code'] ?? null;
        $quantities = $kept['quantities'] ?? [];
        $text = $kept['text'] ?? null;
        if (! is_string($code) || ! is_array($quantities) || ! ($text === null || is_string($text))) {
            throw new \UnexpectedValueException('no code');
        }
        $of = [];
        foreach ($quantities as $place => $value) {
            $of[(string) $place] = $value === null ? null : self::part($value);
        }

        return new self($code, $of, $text);
    }

    /**
     * @param  string|Quantity|self|list<string|Quantity|self>|null  $part
     * @return string|array<array-key, mixed>|null
     */
    private static function written(string|Quantity|self|array|null $part): string|array|null
    {
        return match (true) {
            $part === null || is_string($part) => $part,
            is_array($part) => array_map(self::written(...), $part),
            default => $part->toArray(),
        };
    }

    /** @return string|Quantity|self|list<string|Quantity|self> */
    private static function part(mixed $kept): string|Quantity|self|array
    {
        if (is_string($kept)) {
            return $kept;
        }
        if (! is_array($kept)) {
            throw new \UnexpectedValueException('neither name nor quantity');
        }
        if (isset($kept['code'])) {
            return self::read($kept);
        }
        if (array_is_list($kept)) {
            return array_map(function (mixed $one): string|Quantity|self {
                $part = self::part($one);

                return is_array($part) ? throw new \UnexpectedValueException('a list in a list') : $part;
            }, $kept);
        }
        $measure = Measure::tryFrom((string) array_key_first($kept));
        $value = reset($kept);

        return $measure !== null && (is_int($value) || is_float($value)) ? Quantity::of($measure, (float) $value)
            : throw new \UnexpectedValueException('no number that is counted in something');
    }
}
