<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A title is kept by its code and quantities; one that was kept as a text is read as that text. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('planned_steps', fn (Blueprint $table) => $table->text('title')->change());
        Schema::table('log_entries', fn (Blueprint $table) => $table->text('title')->nullable()->change());
    }

    public function down(): void
    {
        Schema::table('planned_steps', fn (Blueprint $table) => $table->string('title', 200)->change());
        Schema::table('log_entries', fn (Blueprint $table) => $table->string('title', 200)->nullable()->change());
    }
};
