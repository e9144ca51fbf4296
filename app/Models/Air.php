<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use App\Models\Kept\KeptCast;
use App\Models\Kept\SetAir;
use App\Models\Kept\Warmed;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One air of a workshop: the shop itself, a drying cupboard, a cellar, outdoors. What was read of it is in
 * `air_readings`; where nothing was, its setting stands.
 *
 * @property int $id
 * @property int $workshop_id
 * @property string $kind
 * @property string $name
 * @property SetAir|null $setting  null for the shop, whose setting is its own
 * @property list<Warmed> $warmed
 * @property string $station  "none", or how the simulated station is set
 * @property string|null $sensor_key  its hash
 * @property Workshop $workshop
 */
class Air extends Keeping
{
    public const SHOP = 'shop';

    public const CUPBOARD = 'cupboard';

    public const KINDS = [self::SHOP, self::CUPBOARD, 'cellar', 'outdoors'];

    public const NO_STATION = 'none';

    protected $fillable = ['kind', 'name', 'setting', 'warmed', 'station', 'sensor_key'];

    protected $hidden = ['sensor_key'];

    protected function casts(): array
    {
        return ['setting' => KeptCast::of(SetAir::class), 'warmed' => KeptCast::list(Warmed::class)];
    }

    /** @return BelongsTo<Workshop, $this> */
    public function workshop(): BelongsTo
    {
        return $this->belongsTo(Workshop::class);
    }

    /** A sensor's key as it is kept: whoever reads the database cannot speak for the sensor. */
    public static function hashed(string $key): string
    {
        return hash('sha256', $key);
    }

    /** How its station is set; null where it has none. */
    public function fault(): ?InstrumentFault
    {
        return $this->station === self::NO_STATION ? null
            : ($this->station === 'works' ? InstrumentFault::None : InstrumentFault::from($this->station));
    }
}
