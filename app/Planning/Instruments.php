<?php

declare(strict_types=1);

namespace App\Planning;

use App\Devices\MoistureMeter;
use App\Devices\Scale;
use App\Devices\SimulatedMeter;
use App\Devices\SimulatedScale;
use App\Devices\SimulatedTachometer;
use App\Devices\Tachometer;
use App\Models\Blank;
use App\Models\InstrumentFault;
use App\Models\Workshop;

/**
 * The instruments of a workshop. All that ship are simulated, and say so; a real one is a class that answers the
 * interface, made here in place of its stand-in (see docs/instruments.md).
 */
final readonly class Instruments
{
    public const KINDS = ['scale', 'meter', 'tachometer'];

    public function __construct(private Rack $rack, private ShopMapper $mapper)
    {
    }

    public function scale(Workshop $workshop): Scale
    {
        return new SimulatedScale(
            fn (Blank $blank): ?float => $this->rack->drying($blank, $workshop)->curve?->massG(
                (int) now()->getTimestamp(),
            ),
            $this->mapper->tables($workshop)->woods, self::fault($workshop, 'scale'),
        );
    }

    public function meter(Workshop $workshop): MoistureMeter
    {
        return new SimulatedMeter(self::fault($workshop, 'meter'));
    }

    public function tachometer(Workshop $workshop, float $setRpm): Tachometer
    {
        return new SimulatedTachometer($setRpm, self::fault($workshop, 'tachometer'));
    }

    public static function fault(Workshop $workshop, string $kind): InstrumentFault
    {
        return InstrumentFault::from($workshop->instruments?->of($kind) ?? InstrumentFault::None->value);
    }
}
