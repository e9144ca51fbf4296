<?php

declare(strict_types=1);

namespace HonestGrain\Calibration;

/** What coats and fire do to a colour. Units are in the names; sources in `catalogue/constants.csv`. */
final readonly class ColourFigures
{
    /** What a flame takes, and what oil or amber adds, differs by channel of light. */
    private const CHANNELS = ['red', 'green', 'blue'];

    /**
     * @param  array<string, float>  $coatTimes  by coat: oil, clear, amber
     * @param  array<string, list<float>>  $coatAdds  by coat and channel, of those that warm
     * @param  array<string, float>  $scorchDepth  by level of scorch
     * @param  array<string, float>  $scorchMinutesPer100Cm2  by level
     * @param  list<float>  $scorchByChannel
     */
    private function __construct(
        public array $coatTimes,
        public array $coatAdds,
        public array $scorchDepth,
        public array $scorchMinutesPer100Cm2,
        public array $scorchByChannel,
        public float $scorchLeastWallMm,
        public float $scorchCrackedLeastWallMm,
    ) {
    }

    /** @param  \Closure(string): float  $value  of a constant, by its name */
    public static function from(\Closure $value): self
    {
        $levels = ['straw', 'toast', 'brown', 'black', 'cracked'];

        return new self(
            coatTimes: self::by($value, ['oil', 'clear', 'amber'], 'colour_%s_times'),
            coatAdds: [
                'oil' => array_values(self::by($value, self::CHANNELS, 'colour_oil_adds_%s')),
                'amber' => array_values(self::by($value, self::CHANNELS, 'colour_amber_adds_%s')),
            ],
            scorchDepth: self::by($value, $levels, 'scorch_%s_depth'),
            scorchMinutesPer100Cm2: self::by($value, $levels, 'scorch_%s_minutes_per_100cm2'),
            scorchByChannel: array_values(self::by($value, self::CHANNELS, 'scorch_%s_share')),
            scorchLeastWallMm: $value('scorch_least_wall_mm'),
            scorchCrackedLeastWallMm: $value('scorch_cracked_least_wall_mm'),
        );
    }

    /**
     * @param  \Closure(string): float  $value
     * @param  list<string>  $keys
     * @param  string  $name  of the constants, "%s" for the key
     * @return array<string, float>
     */
    private static function by(\Closure $value, array $keys, string $name): array
    {
        $figures = [];
        foreach ($keys as $key) {
            $figures[$key] = $value(sprintf($name, $key));
        }

        return $figures;
    }
}
