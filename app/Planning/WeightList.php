<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Workshop;
use HonestGrain\Rack\Drying;
use Illuminate\Support\Carbon;

/**
 * Weights as a table of text: number, date, grams and, where a meter was read, its percent; parted by commas,
 * semicolons or tabs. Every row is read by itself, and what is wrong with one is said beside it.
 *
 * @phpstan-type Row array{line: int, text: string, number: int|null, at: Carbon|null, mass_g: float|null,
 *     meter: float|null, fault: string|null}
 */
final readonly class WeightList
{
    private const LEAST_G = 0.1;

    private const MOST_G = 500_000.0;

    /** @param  list<Row>  $rows */
    private function __construct(public array $rows, public bool $isCutShort)
    {
    }

    public static function read(string $text, Workshop $workshop): self
    {
        $known = $workshop->blanks()->onRack()->pluck('number')->flip()->all();
        $lines = preg_split('/\R/', trim($text)) ?: [];
        $rows = [];
        foreach (array_slice($lines, 0, Drying::MOST_WEIGHINGS) as $i => $line) {
            $cells = Cells::of($line);
            if (trim($line) === '' || ($i === 0 && ! is_numeric($cells[0]))) {
                continue;
            }
            $rows[] = self::row($i + 1, $line, $cells, $known, $workshop->time_zone);
        }

        return new self($rows, count($lines) > Drying::MOST_WEIGHINGS);
    }

    /** @return list<Row> */
    public function good(): array
    {
        return array_values(array_filter($this->rows, fn (array $row): bool => $row['fault'] === null));
    }

    /** @return array<int, list<WeightRow>> by number */
    public function weights(): array
    {
        $weights = [];
        foreach ($this->good() as $row) {
            if ($row['number'] !== null && $row['at'] !== null && $row['mass_g'] !== null) {
                $weights[$row['number']][] = new WeightRow($row['at'], $row['mass_g'], $row['meter']);
            }
        }

        return $weights;
    }

    /** @return list<Row> */
    public function bad(): array
    {
        return array_values(array_filter($this->rows, fn (array $row): bool => $row['fault'] !== null));
    }

    /**
     * @param  list<string>  $cells
     * @param  array<int, mixed>  $known  by number
     * @return Row
     */
    private static function row(int $line, string $text, array $cells, array $known, string $zone): array
    {
        $number = filter_var($cells[0], FILTER_VALIDATE_INT, FILTER_NULL_ON_FAILURE);
        $at = Cells::time($cells[1] ?? '', $zone);
        $mass = Cells::figure($cells[2] ?? '');
        $meter = ($cells[3] ?? '') === '' ? null : Cells::figure($cells[3]);

        $fault = match (true) {
            $number === null => say('planning.weight-list.number-takes-number-wood', [
                'typed' => $cells[0],
            ]),
            ! isset($known[$number]) => say('planning.weight-list.number-no-blank-rack', [
                'number' => $number,
            ]),
            $at === null => say('planning.weight-list.date-takes-date-such', ['typed' => $cells[1] ?? '']),
            $at->isFuture() => say('planning.weight-list.date-which-still-come', ['typed' => $cells[1]]),
            $mass === null || $mass < self::LEAST_G || $mass > self::MOST_G => say('planning.weight-list.no-grams', [
                'typed' => $cells[2] ?? '',
            ]),
            ($cells[3] ?? '') !== ''
                && ($meter === null || $meter < 0 || $meter > 100) => say('planning.weight-list.no-percentage', [
                    'typed' => $cells[3],
                ]),
            default => null,
        };

        return [
            'line' => $line, 'text' => mb_substr($text, 0, 120), 'number' => $number, 'at' => $at, 'mass_g' => $mass,
            'meter' => $meter,
            'fault' => $fault,
        ];
    }
}
