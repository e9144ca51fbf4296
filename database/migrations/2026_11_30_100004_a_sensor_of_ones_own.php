<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The key by which a sensor says what an air is, as its hash. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('airs', fn (Blueprint $table) => $table->char('sensor_key', 64)->nullable()->unique());
    }

    public function down(): void
    {
        Schema::table('airs', fn (Blueprint $table) => $table->dropColumn('sensor_key'));
    }
};
