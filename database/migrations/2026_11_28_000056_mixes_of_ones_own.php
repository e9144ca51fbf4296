<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A maker mixes finishes, and the mix is a finish with waits of its own. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('mixes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->json('typed');
            $table->dateTime('created_at')->nullable();
            $table->dateTime('updated_at')->nullable();
            $table->unique(['workshop_id', 'name']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('mixes');
    }
};
