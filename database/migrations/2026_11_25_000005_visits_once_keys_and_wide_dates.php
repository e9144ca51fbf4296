<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Workshops made for one visitor, forms that are taken once, and dates that reach beyond 2038. */
return new class extends Migration
{
    private const STAMPED = ['workshops', 'users', 'abrasives', 'tins', 'pieces', 'piece_revisions', 'log_entries'];

    public function up(): void
    {
        Schema::table('workshops', function (Blueprint $table): void {
            $table->boolean('is_visit')->default(false)->index();
            $table->dateTime('last_seen_at')->nullable();
        });
        Schema::table('pieces', function (Blueprint $table): void {
            $table->string('once_key', 40)->nullable();
            $table->unique(['workshop_id', 'once_key']);
        });
        $this->stamps('datetime');
    }

    public function down(): void
    {
        $this->stamps('timestamp');
        Schema::table('pieces', function (Blueprint $table): void {
            $table->index('workshop_id');
            $table->dropUnique(['workshop_id', 'once_key']);
            $table->dropColumn('once_key');
        });
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn(['is_visit', 'last_seen_at']));
    }

    private function stamps(string $type): void
    {
        foreach (self::STAMPED as $table) {
            foreach (['created_at', 'updated_at'] as $column) {
                if (Schema::hasColumn($table, $column)) {
                    $default = $table === 'log_entries' ? 'not null default current_timestamp()' : 'null';
                    DB::statement("alter table `$table` modify `$column` $type $default");
                }
            }
        }
    }
};
