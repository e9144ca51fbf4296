<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whoever changes a workshop writes that it is their turn: databases that share it hear only of what is written. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('workshops', fn (Blueprint $table) => $table->unsignedBigInteger('turns')->default(0));
    }

    public function down(): void
    {
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn('turns'));
    }
};
