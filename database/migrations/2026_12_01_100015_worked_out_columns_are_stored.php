<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Columns that the database works out are stored with the row. One that is only worked out for its index must be worked
 * out again when an old row is cleared away; of several databases, one that was not with the others for a moment then
 * clears away no more, and takes ever more memory.
 */
return new class extends Migration
{
    private const SANDING = "json_exists(`facts`, '$.abrading')";

    private const PRESSING = "least(coalesce(must_at, timestamp'9999-12-31 00:00:00'), "
        ."coalesce(closes_at, timestamp'9999-12-31 00:00:00'), "
        ."coalesce(given_up_at, timestamp'9999-12-31 00:00:00'))";

    public function up(): void
    {
        $this->remake(isStored: true);
    }

    public function down(): void
    {
        $this->remake(isStored: false);
    }

    private function remake(bool $isStored): void
    {
        $as = $isStored ? 'storedAs' : 'virtualAs';
        $columns = [
            'log_entries' => ['is_sanding', 'boolean', self::SANDING, ['workshop_id', 'is_sanding', 'id']],
            'planned_steps' => [
                'pressing_at', 'dateTime', self::PRESSING, ['workshop_id', 'state', 'pressing_at'],
            ],
        ];
        foreach ($columns as $of => [$name, $type, $worked, $index]) {
            Schema::table($of, function (Blueprint $table) use ($name, $index): void {
                $table->dropIndex($index);
                $table->dropColumn($name);
            });
            Schema::table($of, function (Blueprint $table) use ($as, $name, $type, $worked, $index): void {
                $table->{$type}($name)->{$as}($worked);
                $table->index($index);
            });
        }
    }
};
