<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Prices and weights of tins; cloths, gloves, cups and pads; and what was bought and counted. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('tins', function (Blueprint $table): void {
            $table->decimal('price_per_l', 10, 2)->nullable();
            $table->decimal('empty_g', 10, 2)->nullable();
            $table->decimal('g_per_ml', 6, 3)->nullable();
            $table->decimal('good_months', 6, 1)->nullable();
        });
        Schema::create('goods', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('good', 20);
            $table->decimal('stock', 10, 3)->nullable();
            $table->decimal('price', 10, 4)->nullable();
            $table->datetimes();
            $table->unique(['workshop_id', 'good']);
        });
        Schema::create('stock_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('batch', 40);
            $table->string('kind', 20);
            $table->string('what', 150);
            $table->decimal('before', 12, 3)->nullable();
            $table->decimal('after', 12, 3);
            $table->decimal('price_before', 10, 4)->nullable();
            $table->decimal('price_after', 10, 4)->nullable();
            $table->dateTime('taken_back_at')->nullable();
            $table->datetimes();
            $table->index(['workshop_id', 'batch']);
        });
        Schema::table('abrasives', fn (Blueprint $table) => $table->decimal('price', 10, 4)->nullable()->change());
    }

    public function down(): void
    {
        Schema::dropIfExists('stock_moves');
        Schema::dropIfExists('goods');
        Schema::table('tins', fn (Blueprint $table) => $table->dropColumn(
            ['price_per_l', 'empty_g', 'g_per_ml', 'good_months'],
        ));
    }
};
