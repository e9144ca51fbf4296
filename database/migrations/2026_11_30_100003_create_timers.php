<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Clocks that are set by hand at the bench, besides those of steps. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('timers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('piece_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 20);
            $table->string('name', 80)->nullable();
            $table->dateTime('started_at');
            $table->dateTime('rings_at')->nullable();
            $table->dateTime('stopped_at')->nullable();
            $table->string('once_key', 80)->nullable()->unique();
            $table->index(['workshop_id', 'stopped_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('timers');
    }
};
