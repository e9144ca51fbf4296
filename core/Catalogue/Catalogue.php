<?php

declare(strict_types=1);

namespace HonestGrain\Catalogue;

use HonestGrain\Abrasive\AbrasiveTable;
use HonestGrain\Calibration\Calibration;
use HonestGrain\Coating\CoatingTable;
use HonestGrain\Coating\Compatibility;
use HonestGrain\Coating\ProvenStack;
use HonestGrain\Glossary\Term;
use HonestGrain\Holding\HoldTable;
use HonestGrain\Lathework\BarTable;
use HonestGrain\Lathework\BitTable;
use HonestGrain\Reading\Row;
use HonestGrain\Wood\WoodTable;
use HonestGrain\Words\Figures;
use HonestGrain\Words\Quantity;

/**
 * The reference tables shipped in `catalogue/`: the one place in core that reads files.
 *
 * Every row carries its source. Tables are read on first use and kept for the object's life.
 */
final class Catalogue implements Figures
{
    private ?WoodTable $woods = null;

    private ?AbrasiveTable $abrasives = null;

    private ?CoatingTable $coatings = null;

    private ?BarTable $bars = null;

    private ?BitTable $bits = null;

    private ?HoldTable $holds = null;

    private ?Calibration $calibration = null;

    private ?Compatibility $compatibility = null;

    /** @param  array<string, list<array<string, string>>>|null  $compiled  rows by file; null to read the files */
    private function __construct(private readonly string $directory, private readonly ?array $compiled = null)
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

    /**
     * The same tables as a file of PHP has them, which a server keeps in its memory; read as shipped without it.
     *
     * @param  string  $file  as `compile` made it
     */
    public static function compiled(string $file): self
    {
        /** @var array<string, list<array<string, string>>>|null $rows */
        $rows = is_file($file) ? require $file : null;

        return new self(dirname(__DIR__, 2).'/catalogue', $rows);
    }

    /** A file of PHP that returns all rows, by file. */
    public function compile(): string
    {
        $rows = [];
        foreach (glob($this->directory.'/*.csv') ?: [] as $path) {
            $rows[basename($path)] = $this->cells(basename($path));
        }

        return '<?php return '.var_export($rows, true).";\n";
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

    public function bits(): BitTable
    {
        return $this->bits ??= BitTable::of($this->rows('bits.csv'));
    }

    public function bars(): BarTable
    {
        return $this->bars ??= BarTable::of($this->rows('bars.csv'));
    }

    public function holds(): HoldTable
    {
        return $this->holds ??= HoldTable::of($this->rows('holds.csv'));
    }

    public function calibration(): Calibration
    {
        return $this->calibration ??= Calibration::of($this->rows('constants.csv'));
    }

    public function figure(string $name): ?Quantity
    {
        return $this->calibration()->figure($name);
    }

    /** What goes over what. */
    public function compatibility(): Compatibility
    {
        return $this->compatibility ??= new Compatibility($this->rows('pairs.csv'), $this->calibration()->coats);
    }

    /** @return list<ProvenStack> */
    public function stacks(): array
    {
        /** @var list<array{id: string, buff: bool, layers: list<array{string, string|null}>}> $rows */
        $rows = json_decode((string) file_get_contents($this->directory.'/stacks.json'), true, 8, JSON_THROW_ON_ERROR);

        return array_map(ProvenStack::fromRow(...), $rows);
    }

    /**
     * Whole surfaces, as `recipes.json` tells them.
     *
     * @return list<array{id: string, usual_for: list<string>, parts: list<array<string, mixed>>}>
     */
    public function recipes(): array
    {
        /** @var list<array{id: string, usual_for: list<string>, parts: list<array<string, mixed>>}> $rows */
        $rows = json_decode(
            (string) file_get_contents($this->directory.'/recipes.json'), true, 16, JSON_THROW_ON_ERROR,
        );

        return $rows;
    }

    /** @return array<string, Term> by id, in the order of the work */
    public function terms(): array
    {
        /** @var list<array{id: string, group: string, see: list<string>}> $rows */
        $rows = json_decode((string) file_get_contents($this->directory.'/terms.json'), true, 8, JSON_THROW_ON_ERROR);
        $terms = array_map(Term::fromRow(...), $rows);

        return array_combine(array_column($terms, 'id'), $terms);
    }

    /** @return list<Row> */
    private function rows(string $file): array
    {
        return array_map(
            fn (array $cells): Row => new Row($cells), $this->compiled[$file] ?? $this->cells($file),
        );
    }

    /** @return list<array<string, string>> */
    private function cells(string $file): array
    {
        $lines = file($this->directory.'/'.$file, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES);
        if ($lines === false || $lines === []) {
            throw new \RuntimeException("The catalogue table $file cannot be read.");
        }
        $cells = fn (string $line): array => str_contains($line, '"')
            ? array_map(strval(...), str_getcsv($line, ',', '"', '')) : explode(',', $line);
        $head = $cells(array_shift($lines));

        return array_map(fn (string $line): array => array_combine($head, $cells($line)), $lines);
    }
}
