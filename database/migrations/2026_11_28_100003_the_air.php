<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The airs that things stand and dry in, and what was read of them. */
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
            $table->datetimes();
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
    }

    public function down(): void
    {
        Schema::dropIfExists('air_readings');
        Schema::dropIfExists('airs');
    }
};
