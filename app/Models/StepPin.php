<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A step that its maker has fixed in the plan: it starts then, whatever else moves.
 *
 * @property int $id
 * @property int $workshop_id
 * @property int $piece_id
 * @property string $step
 * @property Carbon $start_at
 */
class StepPin extends Keeping
{
    public $timestamps = false;

    protected $table = 'pins';

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['start_at' => 'datetime'];
    }

    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }
}
