<?php

declare(strict_types=1);

namespace App\Language;

use Illuminate\Filesystem\Filesystem;
use LogicException;

/**
 * The words that stand in a view's own markup, in another language: each run of text between two tags or directives,
 * and each label of a tag, is looked up when the view is compiled. What is echoed within a run is a place, `{1}`,
 * `{2}`, …, so that a language can put it where it wants.
 */
final class ViewText
{
    /** Attributes that a person reads, of tags and of components. */
    private const READ = ['label', 'title', 'hint', 'press', 'aria-label', 'placeholder', 'alt'];

    private const OPAQUE = '~\{\{--.*?--\}\}|@php\b(?!\s*\().*?@endphp\b|<(script|style)\b.*?</\1>~sA';

    private const ECHO = '~\{\{.*?\}\}|\{!!.*?!!\}~sA';

    private const DIRECTIVE = '~@[a-zA-Z]+(?=\s*\(|\b)~A';

    private string $template = '';

    private int $at = 0;

    /** @param  \Closure(string): string  $translated  a run of the markup in the other language */
    public function __construct(private readonly \Closure $translated)
    {
    }

    /**
     * @param  array<string, string>  $lines  by the run of the markup as it stands in English
     */
    public static function in(array $lines): self
    {
        return new self(fn (string $run): string => $lines[$run] ?? $run);
    }

    /**
     * All that the views of a folder say in their markup: what a language has a line for.
     *
     * @return array<string, string> by itself
     */
    public static function allRuns(string $folder): array
    {
        $runs = [];
        $text = new self(function (string $run) use (&$runs): string {
            return $runs[$run] = $run;
        });
        foreach ((new Filesystem)->allFiles($folder) as $view) {
            $text->of($view->getContents());
        }

        return $runs;
    }

    /** The template with its words in the other language, and all else untouched. */
    public function of(string $template): string
    {
        [$this->template, $this->at] = [$template, 0];
        $made = $run = '';
        while ($this->at < strlen($template)) {
            $echo = $this->match(self::ECHO);
            if ($echo !== null) {
                $run .= $echo;

                continue;
            }
            $other = $this->match(self::OPAQUE) ?? $this->directive() ?? $this->tag();
            if ($other === null) {
                $run .= $template[$this->at++];
            } else {
                $made .= $this->run($run).$other;
                $run = '';
            }
        }

        return $made.$this->run($run);
    }

    private function match(string $pattern): ?string
    {
        if (preg_match($pattern, $this->template, $found, 0, $this->at) !== 1) {
            return null;
        }
        $this->at += strlen($found[0]);

        return $found[0];
    }

    /** A directive with what stands in its brackets. */
    private function directive(): ?string
    {
        $isWord = $this->at > 0 && ctype_alnum($this->template[$this->at - 1]);
        $name = $isWord ? null : $this->match(self::DIRECTIVE);

        return $name === null ? null : $name.$this->match('~\s*(?=\()~A').$this->brackets();
    }

    /** What stands in brackets, with them, as PHP reads it; nothing where none opens here. */
    private function brackets(): string
    {
        if (($this->template[$this->at] ?? '') !== '(') {
            return '';
        }
        $length = 0;
        $depth = 0;
        foreach (array_slice(token_get_all('<?php '.substr($this->template, $this->at)), 1) as $token) {
            $length += strlen(is_array($token) ? $token[1] : $token);
            $depth += ['(' => 1, ')' => -1][is_array($token) ? '' : $token] ?? 0;
            if ($depth === 0) {
                $inside = substr($this->template, $this->at, $length);
                $this->at += $length;

                return $inside;
            }
        }
        throw new LogicException('A bracket of a directive is not closed.');
    }

    private function tag(): ?string
    {
        $made = $this->match('~</?[a-zA-Z][\w.:-]*~A');
        if ($made === null) {
            return $this->match('~<!.*?>~sA');
        }
        while (($end = $this->match('~\s*/?>~A')) === null) {
            $made .= $this->match(self::OPAQUE) ?? $this->match(self::ECHO) ?? $this->directive() ?? $this->attribute()
                ?? $this->template[$this->at++];
        }

        return $made.$end;
    }

    private function attribute(): ?string
    {
        $name = $this->match('~[:@\w.-]+(?==")~A');
        if ($name === null) {
            return $this->match('~"[^"]*"~A');
        }
        $value = substr((string) $this->match('~="(?:\{\{.*?\}\}|\{!!.*?!!\}|[^"])*"~sA'), 2, -1);

        return $name.'="'.(in_array($name, self::READ, true) ? $this->run($value) : $value).'"';
    }

    private function run(string $text): string
    {
        $echoes = [];
        $run = preg_replace_callback(substr(self::ECHO, 0, -1), function (array $echo) use (&$echoes): string {
            $echoes[] = $echo[0];

            return '{'.count($echoes).'}';
        }, trim($text));
        $run = (string) preg_replace('~\s+~', ' ', (string) $run);
        // Without a letter outside its places and its signs there is nothing to say.
        if (preg_match('~\pL~u', (string) preg_replace('~&\w+;~', '', $run)) !== 1) {
            return $text;
        }
        $said = preg_replace_callback(
            '~\{(\d+)\}~', fn (array $place): string => $echoes[(int) $place[1] - 1], ($this->translated)($run),
        );
        $before = substr($text, 0, strlen($text) - strlen(ltrim($text)));

        return $before.$said.substr($text, strlen(rtrim($text)));
    }
}
