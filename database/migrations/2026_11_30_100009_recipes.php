<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whole surfaces that a workshop keeps to put on other pieces; one that is thrown away can be had back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('recipes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->json('document');
            $table->string('once_key', 80)->nullable()->unique();
            $table->dateTime('gone_at')->nullable();
            $table->datetimes();
            $table->index(['workshop_id', 'gone_at', 'name']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('recipes');
    }
};
