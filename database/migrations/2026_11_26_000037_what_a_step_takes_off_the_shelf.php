<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a planned step takes off the shelf, beside its other details, so that a shopping list reads little. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('planned_steps', function (Blueprint $table): void {
            $table->json('takes')->nullable()->after('product');
        });
    }

    public function down(): void
    {
        Schema::table('planned_steps', function (Blueprint $table): void {
            $table->dropColumn('takes');
        });
    }
};
