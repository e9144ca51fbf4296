<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/**
 * Each person has a calendar address of their own, which ends with them. Who is alone in a shop keeps the address that
 * was the shop's; where others may have known it, it ends.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', fn (Blueprint $table) => $table->string('calendar_token', 64)->nullable()->unique());
        foreach (DB::table('workshops')->get(['id', 'calendar_token']) as $workshop) {
            $people = DB::table('users')->where('workshop_id', $workshop->id)->pluck('id');
            foreach ($people as $id) {
                DB::table('users')->where('id', $id)->update([
                    'calendar_token' => $people->count() === 1 ? $workshop->calendar_token : Str::random(48),
                ]);
            }
        }
        Schema::table('users', function (Blueprint $table): void {
            $table->string('calendar_token', 64)->nullable(false)->change();
        });
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn('calendar_token'));
    }

    public function down(): void
    {
        Schema::table('workshops', fn (Blueprint $table) => $table->string('calendar_token', 64)->default(''));
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('calendar_token'));
    }
};
