<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The piece behind which one goes, and when its steps were to be before a plan last moved its date. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pieces', function (Blueprint $table): void {
            $table->foreignId('behind_id')->nullable()->after('weight')->constrained('pieces')->nullOnDelete();
        });
        Schema::table('planned_steps', function (Blueprint $table): void {
            $table->dateTime('was_at')->nullable()->after('start_at');
        });
    }

    public function down(): void
    {
        Schema::table('planned_steps', fn (Blueprint $table) => $table->dropColumn('was_at'));
        Schema::table('pieces', fn (Blueprint $table) => $table->dropConstrainedForeignId('behind_id'));
    }
};
