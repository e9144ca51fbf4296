<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The dyes that a shop owns, and its test boards with what was measured on them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('dyes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 40);
            $table->string('product', 200);
            $table->char('rgb', 7);
            $table->float('stock')->nullable();
            $table->float('price')->nullable();
            $table->timestamps();
            $table->unique(['workshop_id', 'name']);
        });
        Schema::create('swatches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('wood', 200)->index();
            $table->string('grit', 20)->nullable();
            $table->json('layers');
            $table->string('coat', 200)->nullable();
            $table->date('made_on');
            $table->string('photo', 40)->nullable();
            $table->json('points')->nullable();
            $table->json('measured')->nullable();
            $table->boolean('counts')->default(true);
            $table->string('note', 500)->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('swatches');
        Schema::dropIfExists('dyes');
    }
};
