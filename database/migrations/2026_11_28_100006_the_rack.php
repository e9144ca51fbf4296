<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Blanks on the rack, and what they weighed when. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('blanks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->json('document');
            $table->json('solid')->nullable();
            $table->string('wood', 80);
            $table->string('form', 20);
            $table->string('place', 60)->default('');
            $table->foreignId('air_id')->nullable()->constrained()->nullOnDelete();
            $table->mediumText('drawing');
            $table->string('photo', 24)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->string('drying', 20)->default('too-few');
            $table->double('moisture_percent')->nullable();
            $table->double('lost_percent')->nullable();
            $table->double('week_percent')->nullable();
            $table->dateTime('ready_at')->nullable();
            $table->dateTime('ready_from')->nullable();
            $table->dateTime('ready_until')->nullable();
            $table->decimal('last_mass_g', 10, 2)->nullable();
            $table->dateTime('last_weighed_at')->nullable();
            $table->boolean('may_crack')->default(false);
            $table->dateTime('gone_at')->nullable();
            $table->foreignId('piece_id')->nullable()->constrained()->nullOnDelete();
            $table->datetimes();
            $table->unique(['workshop_id', 'number']);
            $table->unique(['workshop_id', 'id']);
            $table->index(['workshop_id', 'gone_at', 'ready_at']);
        });
        Schema::create('weighings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('blank_id');
            $table->dateTime('at');
            $table->decimal('mass_g', 10, 2);
            $table->decimal('meter_percent', 5, 2)->nullable();
            $table->string('source', 10)->default('typed');
            $table->string('batch', 24)->nullable();
            $table->foreignId('corrects_id')->nullable()->constrained('weighings')->nullOnDelete();
            $table->dateTime('struck_at')->nullable();
            $table->dateTime('sure_at')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->datetimes();
            $table->index(['blank_id', 'at']);
            $table->index(['workshop_id', 'batch']);
            $table->index(['workshop_id', 'created_at']);
            $table->foreign(['workshop_id', 'blank_id'])->references(['workshop_id', 'id'])
                ->on('blanks')->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('weighings');
        Schema::dropIfExists('blanks');
    }
};
