<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pieces, every revision of their documents, and the steps that are planned of them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('pieces', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('form', 30);
            $table->string('wood', 80);
            $table->dateTime('due_at')->nullable();
            $table->string('state', 20)->default('working');
            $table->foreignId('air_id')->nullable()->constrained()->nullOnDelete();
            $table->json('document');
            $table->mediumText('drawing');
            $table->decimal('diameter_mm', 8, 2);
            $table->decimal('height_mm', 8, 2);
            $table->unsignedInteger('version')->default(1);
            $table->unsignedInteger('revision')->default(1);
            $table->json('conflicts');
            $table->dateTime('ready_at')->nullable();
            $table->json('late')->nullable();
            $table->json('fault')->nullable();
            $table->string('once_key', 40)->nullable();
            $table->string('route_key', 60)->nullable();
            $table->datetimes();
            $table->unique(['workshop_id', 'once_key']);
            $table->unique(['workshop_id', 'id']);
            $table->index(['workshop_id', 'state', 'due_at']);
        });
        Schema::create('piece_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('piece_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->json('document');
            $table->string('what', 120);
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->datetimes();
            $table->unique(['piece_id', 'number']);
        });
        Schema::create('planned_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('piece_id');
            $table->string('step', 120);
            $table->unsignedSmallInteger('position');
            $table->string('kind', 20);
            $table->string('part', 40)->nullable();
            $table->string('technique', 30)->default('own');
            $table->string('product', 200)->nullable();
            $table->string('title', 200);
            $table->decimal('minutes', 7, 1);
            $table->string('state', 12)->default('open');
            $table->boolean('is_next')->default(false);
            $table->dateTime('start_at')->nullable();
            $table->dateTime('end_at')->nullable();
            $table->dateTime('waits_from')->nullable();
            $table->decimal('wait_from_h', 9, 2)->nullable();
            $table->decimal('wait_until_h', 9, 2)->nullable();
            $table->dateTime('opens_at')->nullable();
            $table->dateTime('closes_at')->nullable();
            $table->string('batch', 120)->nullable();
            $table->json('details');
            $table->json('takes')->nullable();
            $table->json('follows')->default('[]');
            $table->unique(['piece_id', 'step']);
            $table->index(['workshop_id', 'state', 'start_at']);
            $table->index(['workshop_id', 'is_next', 'opens_at']);
            $table->index(['workshop_id', 'closes_at']);
            $table->foreign(['workshop_id', 'piece_id'])->references(['workshop_id', 'id'])
                ->on('pieces')->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('planned_steps');
        Schema::dropIfExists('piece_revisions');
        Schema::dropIfExists('pieces');
    }
};
