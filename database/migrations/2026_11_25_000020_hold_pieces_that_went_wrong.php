<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A piece that something is wrong with is held back until its maker has chosen what to do. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pieces', function (Blueprint $table): void {
            $table->json('fault')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('pieces', function (Blueprint $table): void {
            $table->dropColumn('fault');
        });
    }
};
