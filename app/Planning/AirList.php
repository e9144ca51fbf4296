<?php

declare(strict_types=1);

namespace App\Planning;

use HonestGrain\Coating\AirReading;

/** Readings of an air as a list: time, temperature and humidity, a reading a row. */
final readonly class AirList
{
    public const MOST_ROWS = 5000;

    private const SHOWN_FAULTS = 3;

    private const TEMPERATURES_C = [-100.0, 200.0];

    private const HUMIDITIES = [-10.0, 200.0];

    /**
     * @param  list<AirReading>  $readings  in order of time
     * @param  list<string>  $faults  of rows that cannot be read, the first few
     */
    private function __construct(public array $readings, public array $faults)
    {
    }

    /**
     * @param  \Closure(float): float  $celsius  of a temperature as the reader has it
     */
    public static function read(string $text, string $zone, \Closure $celsius): self
    {
        $readings = $faults = [];
        foreach (preg_split('/\R/u', trim($text)) ?: [] as $line => $row) {
            $cells = Cells::of($row);
            $at = Cells::time($cells[0], $zone);
            // What begins with a time is a reading, however wrong the rest of it: only a line of names is passed over.
            $isHead = $line === 0 && $at === null && Cells::figure($cells[1] ?? '') === null;
            if (trim($row) === '' || $isHead) {
                continue;
            }
            [$temp, $rh] = [Cells::figure($cells[1] ?? ''), Cells::figure($cells[2] ?? '')];
            $tempC = $temp === null ? null : round($celsius($temp), 2);
            $fault = match (true) {
                $at === null => say('planning.air-list.time', ['typed' => $cells[0]]),
                $at->isFuture() => say('planning.air-list.to-come', ['typed' => $cells[0]]),
                $tempC === null || $tempC < self::TEMPERATURES_C[0] || $tempC > self::TEMPERATURES_C[1] => say(
                    'planning.air-list.temperature', ['typed' => $cells[1] ?? ''],
                ),
                $rh === null || $rh < self::HUMIDITIES[0] || $rh > self::HUMIDITIES[1] => say(
                    'planning.air-list.humidity', ['typed' => $cells[2] ?? ''],
                ),
                default => null,
            };
            if ($fault !== null) {
                $faults[] = say('planning.air-list.row', ['line' => $line + 1, 'fault' => $fault]);
            } else {
                $readings[] = new AirReading((int) $at->getTimestamp(), (float) $tempC, (float) $rh);
            }
        }
        usort($readings, fn (AirReading $a, AirReading $b): int => $a->at <=> $b->at);

        return new self($readings, array_slice($faults, 0, self::SHOWN_FAULTS));
    }
}
