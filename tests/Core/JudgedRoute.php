<?php

declare(strict_types=1);

namespace Tests\Core;

use HonestGrain\Catalogue\Catalogue;
use HonestGrain\Geometry\Form;
use HonestGrain\Holding\Equipment;
use HonestGrain\Mending\Fault;
use HonestGrain\Mending\Mended;
use HonestGrain\Mending\Remedies;
use HonestGrain\Piece\Piece;
use HonestGrain\Piece\Starter;
use HonestGrain\Piece\Tables;
use HonestGrain\Reading\Document;
use HonestGrain\Route\Bench;
use HonestGrain\Route\Past;
use HonestGrain\Route\Route;
use LogicException;

/**
 * One piece of `tests/Judged/*.md` as a maker described it there, put together, and what a master demands of it. How to
 * write one stands in `tests/Judged/README.md`.
 */
final class JudgedRoute
{
    /** @var array<string, mixed> the piece's document */
    private array $document = [];

    /** @var list<array{string, string}> tables and the rows added to them */
    private array $rows = [];

    /** @var list<string> */
    private array $done = [];

    private ?string $fault = null;

    /** @var array<string, mixed> what the shop holds and turns work with */
    private array $shop = [];

    /** @param  list<string>  $demands */
    private function __construct(public readonly string $title, public readonly array $demands)
    {
    }

    /** @return iterable<string, self> by its title */
    public static function all(): iterable
    {
        foreach (glob(dirname(__DIR__).'/Judged/*.md') ?: [] as $file) {
            $pieces = preg_split('/^## /m', (string) file_get_contents($file)) ?: [];
            foreach (basename($file) === 'README.md' ? [] : array_slice($pieces, 1) as $piece) {
                $read = self::read($piece);
                yield basename($file, '.md').": $read->title" => $read;
            }
        }
    }

    private static function read(string $text): self
    {
        $lines = explode("\n", $text);
        $told = preg_grep('/^- /', $lines) ?: [];
        $self = new self(
            trim($lines[0]), array_map(fn (string $line): string => substr($line, 2), array_values($told)),
        );
        foreach (preg_grep('/^ {4}\S/', $lines) ?: [] as $line) {
            [$what, $said] = explode(':', trim($line), 2) + [1 => ''];
            $self->add(explode(' ', $what), trim($said));
        }

        return $self;
    }

    /** @return list<string> what somebody named or wrote in it */
    public function names(): array
    {
        $names = array_map(fn (array $row): string => explode(' like ', $row[1])[0], $this->rows);
        $document = [$this->document, $this->shop];
        array_walk_recursive($document, function (mixed $value, string|int $key) use (&$names): void {
            if (is_string($value) && in_array($key, ['name', 'title', 'how', 'note', 'offcut'], true)) {
                $names[] = $value;
            }
        });
        foreach ($this->document['parts'] ?? [] as $part) {
            $names = [...$names, ...array_merge([], ...array_column($part['fittings'] ?? [], 'order'))];
        }

        return [...$names, ...array_merge(...$this->document['order'] ?? [])];
    }

    public function route(): Route
    {
        $tables = $this->tables();

        return Route::of($this->piece($tables), $this->bench(), $tables, Past::of($this->done));
    }

    /** @return list<Mended> */
    public function remedies(): array
    {
        $tables = $this->tables();
        preg_match('/^(\S+) on (?:(\S+)\.)?(\S+)(?: (\S+)-(\S+))?$/', (string) $this->fault, $m)
            ?: throw new LogicException("“{$this->fault}” is no fault.");
        $piece = $this->piece($tables);
        $fault = Fault::read(Document::of([
            'kind' => $m[1], 'part' => $m[2] === '' ? 'body' : $m[2], 'on' => $m[3],
            'from_mm' => isset($m[4]) ? (float) $m[4] : null, 'to_mm' => isset($m[5]) ? (float) $m[5] : null,
        ]), $piece);

        return Remedies::of($piece, $this->bench(), $tables, $this->done, $fault);
    }

    private function piece(Tables $tables): Piece
    {
        return Piece::read(Document::of($this->document), $tables);
    }

    private function tables(): Tables
    {
        return Tables::of($this->catalogue());
    }

    private function bench(): Bench
    {
        return Bench::usual($this->catalogue())->with(Equipment::read(Document::of($this->shop)));
    }

    /** The shipped tables, and the invented rows of this piece beside them. */
    private function catalogue(): Catalogue
    {
        if ($this->rows === []) {
            return Drawn::catalogue();
        }
        $from = dirname(__DIR__, 2).'/catalogue';
        $to = sys_get_temp_dir().'/grain-judged-'.md5(serialize($this->rows));
        if (! is_dir($to)) {
            mkdir($to);
            register_shutdown_function(static function () use ($to): void {
                array_map(unlink(...), glob("$to/*") ?: []);
                rmdir($to);
            });
        }
        foreach (glob("$from/*.*") ?: [] as $file) {
            copy($file, "$to/".basename($file));
        }
        foreach ($this->rows as [$table, $row]) {
            file_put_contents("$to/$table.csv", $this->row("$from/$table.csv", $row)."\n", FILE_APPEND);
        }

        return Catalogue::in($to);
    }

    /** "Name like Other: column=value, column=value" as a row of a table. */
    private function row(string $file, string $said): string
    {
        preg_match('/^(.+) like (.+?) with (.*)$/', $said, $m) ?: throw new LogicException("“{$said}” is no row.");
        $rows = array_map(fn (string $line): array => str_getcsv($line, ',', '"', ''), file($file) ?: []);
        $head = array_shift($rows) ?? [];
        $like = array_values(array_filter($rows, fn (array $row): bool => $row[0] === $m[2]))[0]
            ?? throw new LogicException("No row is like {$m[2]}.");
        $row = array_combine($head, $like);
        $row[$head[0]] = $m[1];
        $row += isset($row['key']) ? [] : [];
        if (isset($row['key']) && $head[0] !== 'key') {
            $row['key'] = strtolower(str_replace(' ', '-', $m[1]));
        }
        foreach (explode('; ', $m[3]) as $cell) {
            [$column, $value] = explode('=', $cell, 2);
            isset($row[$column]) || throw new LogicException("$file has no column $column.");
            $row[$column] = $value;
        }

        return implode(',', array_map(
            fn (string $cell): string => preg_match('/[",]/', $cell) === 1 ? '"'.str_replace('"', '""', $cell).'"'
                : $cell, $row,
        ));
    }

    /** @param  list<string>  $what */
    private function add(array $what, string $said): void
    {
        match ($what[0]) {
            'piece' => $this->begin($said),
            'row' => $this->rows[] = [$what[1], $said],
            'coats' => $this->coats($what, $said),
            'mark' => $this->list('marks', $this->mark($what, $said)),
            'flaw' => $this->list('features', $this->flaw($what[1], $said)),
            'part' => $this->document['parts'][$this->at($what[1] ?? 'body')]
                = self::json($said) + $this->document['parts'][$this->at($what[1] ?? 'body')],
            'hole' => $this->list('holes', ['id' => $what[1]] + self::json($said)),
            'shop' => $this->shop = self::json($said),
            'set' => $this->document = self::json($said) + $this->document,
            'step' => $this->document['steps'][] = ['id' => $what[1]] + self::json($said),
            'order' => $this->document['order'][] = explode(' before ', $said),
            'done' => $this->done = explode(', ', $said),
            'fault' => $this->fault = $said,
            default => throw new LogicException("Nobody knows what “{$what[0]}” is."),
        };
    }

    /** "deep-bowl of Yew for food, blank, 220 x 120 x 80 wall 8": sizes as the form has them where left out. */
    private function begin(string $said): void
    {
        preg_match('/^(\S+) of (.+?) for (\w+)(?:, (turned|roughed|blank))?(?:, ([\d.]+) x ([\d.]+) x ([\d.]+)'
            .'(?: wall ([\d.]+))?)?$/', $said, $m) ?: throw new LogicException("“{$said}” is no piece.");
        $form = Form::from($m[1]);
        $usual = array_values($form->sizes());
        $sizes = [];
        foreach ($usual as $i => $mm) {
            $sizes[] = isset($m[5 + $i]) && $m[5 + $i] !== '' ? (float) $m[5 + $i] : $mm;
        }
        $this->document = Starter::document(
            Drawn::catalogue()->calibration()->joints, $form, $form->profile(...$sizes), [], [
                'name' => $this->title, 'purpose' => $m[3], 'wood' => $m[2],
                'starts_as' => ($m[4] ?? '') === '' ? 'turned' : $m[4],
            ],
        );
        $this->document['name'] = 'Judged';
    }

    /** @param  list<string>  $what */
    private function coats(array $what, string $said): void
    {
        $part = in_array($what[1], array_column($this->document['parts'], 'id'), true) ? $what[1] : null;
        $n = count($this->document['parts'][$this->at($part ?? 'body')]['coats']) + 1;
        $id = ($part === null ? 'c' : "$part-c").$n;
        $layers = [];
        foreach (explode('; ', $said) as $i => $product) {
            preg_match('/^(.*?)(?: after (pad|paper|steel-wool))?$/', $product, $m);
            $layers[] = ['id' => "$id-".($i + 1), 'product' => $m[1] ?? '', 'denib' => $m[2] ?? null];
        }
        $this->list('coats', [
            'id' => $id, 'zones' => array_slice($what, $part === null ? 1 : 2), 'layers' => $layers, 'buff' => false,
        ], $part ?? 'body');
    }

    /**
     * @param  list<string>  $what
     * @return array<string, mixed>
     */
    private function mark(array $what, string $said): array
    {
        preg_match('/^(\S+) on (\S+) ([\d.]+)-([\d.]+)(?: (\{.*\}))?$/', $said, $m)
            ?: throw new LogicException("“{$said}” is no mark.");

        return [
            'id' => $what[1], 'technique' => $m[1], 'on' => $m[2], 'from_mm' => (float) $m[3],
            'to_mm' => (float) $m[4], 'settings' => isset($m[5]) ? self::json($m[5]) : [],
        ];
    }

    /** @return array<string, mixed> */
    private function flaw(string $id, string $said): array
    {
        preg_match('/^(\S+) on (\S+) ([\d.]+)-([\d.]+)(?: (\{.*\}))?$/', $said, $m)
            ?: throw new LogicException("“{$said}” is no flaw.");

        return [
            'id' => $id, 'kind' => $m[1], 'on' => $m[2], 'from_mm' => (float) $m[3], 'to_mm' => (float) $m[4],
        ] + (isset($m[5]) ? self::json($m[5]) : []);
    }

    /** @param  array<string, mixed>  $one */
    private function list(string $name, array $one, string $part = 'body'): void
    {
        $this->document['parts'][$this->at($part)][$name][] = $one;
    }

    private function at(string $part): int
    {
        return (int) array_search($part, array_column($this->document['parts'], 'id'), true);
    }

    /** @return array<string, mixed> */
    private static function json(string $said): array
    {
        return (array) json_decode($said, true, 32, JSON_THROW_ON_ERROR);
    }
}
