<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Kept\Keeping;
use Illuminate\Support\Carbon;

/**
 * A browser in which somebody is signed in.
 *
 * @property int $id
 * @property int $user_id
 * @property string $agent  what the browser calls itself
 * @property string $address  of the machine
 * @property bool $is_remembered  whether it signs in by itself again
 * @property Carbon $began_at
 * @property Carbon $seen_at
 * @property Carbon|null $ended_at
 */
class SignIn extends Keeping
{
    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return [
            'is_remembered' => 'boolean', 'began_at' => 'datetime', 'seen_at' => 'datetime', 'ended_at' => 'datetime',
        ];
    }
}
