<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The Bench asks which windows close today: few steps have one, however many are open. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('planned_steps', function (Blueprint $table): void {
            $table->index(['workshop_id', 'closes_at']);
        });
    }

    public function down(): void
    {
        Schema::table('planned_steps', function (Blueprint $table): void {
            $table->dropIndex(['workshop_id', 'closes_at']);
        });
    }
};
