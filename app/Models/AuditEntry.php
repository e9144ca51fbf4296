<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use Illuminate\Support\Carbon;

/**
 * Something that was done with who may sign in: written once, and changed by nobody.
 *
 * @property int $id
 * @property int $workshop_id
 * @property int|null $user_id  null where they have gone since
 * @property string $who  their name then
 * @property AuditKind $what
 * @property string|null $about  whom or what it was done to
 * @property string|null $address  of the machine that asked
 * @property Carbon $at
 */
class AuditEntry extends Keeping
{
    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['what' => AuditKind::class, 'at' => 'datetime'];
    }
}
