<?php

declare(strict_types=1);

namespace HonestGrain\Catalogue;

use HonestGrain\Abrasive\AbrasiveTable;
use HonestGrain\Calibration\Calibration;
use HonestGrain\Coating\CoatingTable;
use HonestGrain\Coating\ProvenStack;
use HonestGrain\Reading\Row;
use HonestGrain\Wood\WoodTable;

/**
 * The reference tables shipped in `catalogue/`: the one place in core that reads files.
 *
 * Every row carries its source. Tables are read on first use and kept for the object's life.
 */
final class Catalogue
{
    private ?WoodTable $woods = null;

    private ?AbrasiveTable $abrasives = null;

    private ?CoatingTable $coatings = null;

    private ?Calibration $calibration = null;

    private function __construct(private readonly string $directory)
    {
    }

    public static function in(string $directory): self
    {
        return new self($directory);
    }

    public static function shipped(): self
    {
        return new self(dirname(__DIR__, 2).'/catalogue');
    }

    public function woods(): WoodTable
    {
        return $this->woods ??= WoodTable::of($this->rows('woods.csv'), $this->rows('woods-named.csv'));
    }

    public function abrasives(): AbrasiveTable
    {
        return $this->abrasives ??= AbrasiveTable::of($this->rows('abrasives.csv'), $this->rows('media.csv'));
    }

    public function coatings(): CoatingTable
    {
        return $this->coatings ??= CoatingTable::of(
            $this->rows('finishes.csv'), $this->rows('stains.csv'), $this->rows('binders.csv'),
        );
    }

    public function calibration(): Calibration
    {
        return $this->calibration ??= Calibration::of($this->rows('constants.csv'));
    }

    /** @return list<ProvenStack> */
    public function stacks(): array
    {
        /**
         * @var list<array{id: string, name: string, suits: string, buff: bool,
         *     layers: list<array{string, string|null}>}> $rows
         */
        $rows = json_decode((string) file_get_contents($this->directory.'/stacks.json'), true, 8, JSON_THROW_ON_ERROR);

        return array_map(ProvenStack::fromRow(...), $rows);
    }

    /** @return list<Row> */
    private function rows(string $file): array
    {
        $lines = file($this->directory.'/'.$file, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES);
        if ($lines === false || $lines === []) {
            throw new \RuntimeException("The catalogue table $file cannot be read.");
        }
        $cells = fn (string $line): array => str_contains($line, '"')
            ? array_map(strval(...), str_getcsv($line, ',', '"', '')) : explode(',', $line);
        $head = $cells(array_shift($lines));

        return array_map(fn (string $line): Row => new Row(array_combine($head, $cells($line))), $lines);
    }
}
