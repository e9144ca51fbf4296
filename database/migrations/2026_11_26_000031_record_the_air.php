<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Airs of a workshop besides its own setting, what was read of each, and what a maker means to do to them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('airs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 12);
            $table->string('name', 60);
            $table->json('setting')->nullable();
            $table->json('warmed')->nullable();
            $table->string('station', 10)->default('none');
            $table->timestamps();
            $table->unique(['workshop_id', 'name']);
        });
        Schema::create('air_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('air_id')->constrained()->cascadeOnDelete();
            $table->dateTime('at');
            $table->decimal('temp_c', 5, 2);
            $table->decimal('rh_percent', 5, 2);
            $table->string('source', 10);
            $table->string('nonsense', 10)->nullable();
            $table->unique(['air_id', 'at']);
        });
        Schema::table('blanks', function (Blueprint $table): void {
            $table->foreignId('air_id')->nullable()->after('place')->constrained()->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('blanks', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('air_id');
        });
        Schema::dropIfExists('air_readings');
        Schema::dropIfExists('airs');
    }
};
