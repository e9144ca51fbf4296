<?php

declare(strict_types=1);

namespace App\Along;

use App\Planning\Refused;
use HonestGrain\Words\Said;
use ZipArchive;

/**
 * An archive as it was handed over: nothing of it is believed. Its files are those of its list, whole; every row has
 * the columns of its table, each of its kind.
 */
final readonly class OpenArchive
{
    /** The largest text of one, and all of it together: more is no workshop. */
    private const MOST_TEXT_BYTES = 200_000_000;

    private const MOST_BYTES = 900_000_000;

    private const MOST_FILES = 20_000;

    private const PHOTOGRAPH = '~^photographs/([a-z0-9]{24})\.jpg$~D';

    /** @param  array<string, array{sha256: string, bytes: int}>  $files */
    private function __construct(private ZipArchive $zip, private array $files)
    {
    }

    /** @throws Refused */
    public static function at(string $path): self
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true || $zip->numFiles > self::MOST_FILES) {
            throw self::refused('no-archive');
        }
        $stat = $zip->statName('manifest.json');
        $isFit = $stat !== false && $stat['size'] <= self::MOST_TEXT_BYTES;
        $manifest = json_decode($isFit ? (string) $zip->getFromName('manifest.json') : '', true, 16);
        if (! is_array($manifest) || ($manifest['format'] ?? null) !== Shelves::FORMAT) {
            throw self::refused('no-archive');
        }
        if (($manifest['version'] ?? null) !== Shelves::VERSION) {
            throw self::refused('other-version');
        }

        return new self($zip, self::whole($zip, (array) ($manifest['files'] ?? [])));
    }

    /**
     * @param  array<array-key, mixed>  $listed
     * @return array<string, array{sha256: string, bytes: int}>
     *
     * @throws Refused
     */
    private static function whole(ZipArchive $zip, array $listed): array
    {
        $files = [];
        $bytes = 0;
        foreach ($listed as $path => $file) {
            $path = (string) $path;
            $stat = $zip->statName($path);
            $sha256 = is_array($file) ? (string) ($file['sha256'] ?? '') : '';
            $bytes += $stat['size'] ?? 0;
            if ($bytes > self::MOST_BYTES) {
                throw self::refused('too-large');
            }
            if ($stat === false || ! hash_equals($sha256, self::fingerprint($zip, $path))) {
                throw self::refused('damaged', ['path' => mb_substr(mb_scrub($path), 0, 80)]);
            }
            $files[$path] = ['sha256' => $sha256, 'bytes' => $stat['size']];
        }

        return $files;
    }

    private static function fingerprint(ZipArchive $zip, string $path): string
    {
        $stream = $zip->getStream($path);
        if ($stream === false) {
            return '';
        }
        $hash = hash_init('sha256');
        hash_update_stream($hash, $stream);
        fclose($stream);

        return hash_final($hash);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    public function settings(): array
    {
        return $this->checked(Shelves::workshop(), 'workshop.json', 1, $this->text('workshop.json'));
    }

    /**
     * @return iterable<int, array<string, mixed>> rows by their line, from 1
     *
     * @throws Refused
     */
    public function rows(Shelf $shelf): iterable
    {
        $path = "tables/$shelf->name.ndjson";
        foreach (explode("\n", rtrim($this->text($path), "\n")) as $n => $line) {
            if ($line !== '') {
                yield $n + 1 => $this->checked($shelf, $path, $n + 1, $line);
            }
        }
    }

    /** @throws Refused */
    public function pieces(): int
    {
        return substr_count($this->text('tables/pieces.ndjson'), "\n");
    }

    /** @return list<string> names of photographs */
    public function photographs(): array
    {
        $names = [];
        foreach (array_keys($this->files) as $path) {
            if (preg_match(self::PHOTOGRAPH, $path, $of) === 1) {
                $names[] = $of[1];
            }
        }

        return $names;
    }

    /** Puts a photograph where it can be looked at. */
    public function photograph(string $name, string $to): bool
    {
        $from = $this->zip->getStream("photographs/$name.jpg");
        if ($from === false) {
            return false;
        }
        $done = file_put_contents($to, $from) !== false;
        fclose($from);

        return $done;
    }

    /** @throws Refused */
    private function text(string $path): string
    {
        $file = $this->files[$path] ?? throw self::refused('missing', ['path' => $path]);
        if ($file['bytes'] > self::MOST_TEXT_BYTES) {
            throw self::refused('too-large');
        }

        return (string) $this->zip->getFromName($path);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    private function checked(Shelf $shelf, string $path, int $line, string $text): array
    {
        $row = json_decode($text);
        if (! is_object($row)) {
            throw self::refused('no-row', ['path' => $path, 'line' => $line]);
        }
        $values = [];
        foreach (array_keys($shelf->columns) as $column) {
            $value = $row->{$column} ?? null;
            if (! $shelf->takes($column, $value)) {
                throw self::refused('not-so', ['path' => $path, 'line' => $line, 'column' => $column]);
            }
            $values[$column] = $value;
        }
        foreach (['id', ...array_keys($shelf->points)] as $column) {
            $value = $row->{$column} ?? null;
            $values[$column] = is_int($value) ? $value : null;
        }
        $by = $shelf->by === null ? null : $row->{$shelf->by} ?? null;

        return $values + ($shelf->by === null ? [] : [$shelf->by => is_string($by) ? $by : null]);
    }

    /** @param  array<string, string|int>  $of */
    public static function refused(string $why, array $of = []): Refused
    {
        return new Refused('archive', new Said("planning.along.$why", array_map(
            fn (string|int $one): string => (string) $one, $of,
        )));
    }
}
