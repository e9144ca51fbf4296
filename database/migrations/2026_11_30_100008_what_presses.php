<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * The Bench and every page that stays open ask what cannot be left until tomorrow, and which clocks run, and what was
 * logged last: each is found by an index, however many steps and entries there are.
 */
return new class extends Migration
{
    public function up(): void
    {
        $never = "timestamp'9999-12-31 00:00:00'";
        Schema::table('planned_steps', function (Blueprint $table) use ($never): void {
            $table->dateTime('pressing_at')->virtualAs(
                "least(coalesce(must_at, $never), coalesce(closes_at, $never), coalesce(given_up_at, $never))",
            );
            $table->index(['workshop_id', 'state', 'pressing_at']);
        });
        Schema::table('log_entries', function (Blueprint $table): void {
            $table->index(['workshop_id', 'id']);
            $table->index(['workshop_id', 'kind', 'happened_at']);
        });
    }

    public function down(): void
    {
        Schema::table('log_entries', function (Blueprint $table): void {
            $table->dropIndex(['workshop_id', 'kind', 'happened_at']);
            $table->dropIndex(['workshop_id', 'id']);
        });
        Schema::table('planned_steps', function (Blueprint $table): void {
            $table->dropIndex(['workshop_id', 'state', 'pressing_at']);
            $table->dropColumn('pressing_at');
        });
    }
};
