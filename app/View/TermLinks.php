<?php

declare(strict_types=1);

namespace App\View;

use HonestGrain\Catalogue\Catalogue;

/**
 * Leads from a word of the craft to what it means: the first time that a page says it, and the first time in each text
 * that is folded away.
 */
final class TermLinks
{
    /** Pages for hands in gloves: every target there is large, and none is a word. */
    private const FOR_GLOVES = ['bench', 'steps/*', 'shelf/count', 'rack/weigh', 'shop/climate'];

    /** @var array<string, string>|null  id of the term, by each word that leads to it, in small letters */
    private ?array $terms = null;

    /** @var array<string, true>  by id */
    private array $linked = [];

    public function __construct(private readonly Catalogue $catalogue, private readonly Show $show)
    {
    }

    public function inFolded(string $html): string
    {
        $shown = $this->linked;
        $this->linked = [];
        $linked = $this->in($html);
        $this->linked = $shown;

        return $linked;
    }

    /** @param  string  $html  what stands in a page, with its tags; what is a link already stays as it is */
    public function in(string $html): string
    {
        if (request()->is(...self::FOR_GLOVES)) {
            return $html;
        }
        $within = false;
        $parts = preg_split('~(<[^>]*>)~', $html, -1, PREG_SPLIT_DELIM_CAPTURE);
        assert($parts !== false);
        foreach ($parts as $i => $part) {
            if ($i % 2 === 1) {
                $within = match (true) {
                    preg_match('~^<(a|button|summary|option|svg)\b~', $part) === 1 => true,
                    preg_match('~^</(a|button|summary|option|svg)>~', $part) === 1 => false,
                    default => $within,
                };
            } elseif (! $within) {
                $parts[$i] = $this->inText($part);
            }
        }

        return implode('', $parts);
    }

    private function inText(string $text): string
    {
        return (string) preg_replace_callback($this->pattern(), function (array $found): string {
            $id = $this->terms()[mb_strtolower($found[0])];
            if (isset($this->linked[$id])) {
                return $found[0];
            }
            $this->linked[$id] = true;

            return sprintf('<a class="term" data-term href="%s">%s</a>', route('words.show', $id), $found[0]);
        }, $text);
    }

    private function pattern(): string
    {
        $words = array_map(fn (string $word): string => preg_quote($word, '~'), array_keys($this->terms()));

        return '~(?<![\p{L}\p{N}-])(?:'.implode('|', $words).')(?![\p{L}\p{N}-])~iu';
    }

    /** @return array<string, string> the longest words first, so that "end grain" is not read as "grain" */
    private function terms(): array
    {
        if ($this->terms === null) {
            $this->terms = [];
            foreach ($this->catalogue->terms() as $term) {
                $said = $this->show->lines("glossary.terms.$term->id")['linked'];
                foreach (array_filter(explode(',', $said)) as $word) {
                    $this->terms[mb_strtolower($word)] = $term->id;
                }
            }
            uksort($this->terms, fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));
        }

        return $this->terms;
    }
}
