<?php

declare(strict_types=1);

namespace App\Models;

use HonestGrain\Coating\Amount;
use HonestGrain\Coating\AmountUnit;
use HonestGrain\Safety\Hazard;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One step of a piece's route as the last plan placed it. Derived: it can be made again at any time.
 *
 * @property int $id
 * @property int $workshop_id
 * @property int $piece_id
 * @property string $step
 * @property int $position
 * @property string $kind
 * @property string $title
 * @property float $minutes
 * @property string $state
 * @property bool $is_next
 * @property Carbon|null $start_at
 * @property Carbon|null $end_at
 * @property Carbon|null $waits_from
 * @property Carbon|null $opens_at
 * @property Carbon|null $closes_at
 * @property string|null $batch
 * @property array<string, mixed> $details
 * @property Piece $piece
 */
class PlannedStep extends Model
{
    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['details' => 'array', 'is_next' => 'boolean', 'minutes' => 'float', 'start_at' => 'datetime', 'end_at' => 'datetime', 'waits_from' => 'datetime', 'opens_at' => 'datetime', 'closes_at' => 'datetime'];
    }

    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** What is taken of its product, as the plan wrote it down. */
    public function amount(): ?Amount
    {
        $amount = (array) ($this->details['amount'] ?? []);
        $unit = $this->details['amount_unit'] ?? null;
        $value = reset($amount);

        return $value === false || $unit === null ? null : Amount::of((float) $value, AmountUnit::from($unit));
    }

    /** @return list<Hazard> */
    public function hazards(): array
    {
        return array_values(array_filter(array_map(Hazard::tryFrom(...), $this->details['hazards'] ?? [])));
    }

    /**
     * What the maker is asked to say yes to, once in a session, before the step is logged by one press.
     *
     * @param  array<string, true>  $cautioned  by hazard
     */
    public function unheeded(array $cautioned): ?Hazard
    {
        foreach ($this->hazards() as $hazard) {
            if ($hazard->wantsDeliberatePress() && ! isset($cautioned[$hazard->value])) {
                return $hazard;
            }
        }

        return null;
    }

    /** What tells the step that a page showed from another that has come into its place. */
    public function mark(): string
    {
        return substr(hash('sha256', "$this->piece_id $this->step $this->title"), 0, 12);
    }

    /** @return list<string> zones and bands of the drawing that it is done on */
    public function zones(): array
    {
        $zone = (string) ($this->details['zone'] ?? '');

        return in_array($zone, ['all over', 'whole'], true) ? ['outside', 'inside', 'rim', 'top'] : explode(', ', $zone);
    }
}
