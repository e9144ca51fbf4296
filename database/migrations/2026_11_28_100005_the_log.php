<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What happened at the bench, written once and never changed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('log_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('piece_id')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 12);
            $table->string('step', 120)->nullable();
            $table->string('title', 200)->nullable();
            $table->dateTime('happened_at');
            $table->decimal('minutes', 7, 1)->nullable();
            $table->string('body', 1000)->nullable();
            $table->json('facts');
            // The few entries that the model of sanding learns from, among all.
            $table->boolean('is_sanding')->virtualAs("json_exists(`facts`, '$.abrading')");
            $table->foreignId('undoes_id')->nullable()->unique()->constrained('log_entries')->cascadeOnDelete();
            $table->string('once_key', 190)->nullable()->unique();
            $table->dateTime('created_at')->useCurrent();
            $table->index(['workshop_id', 'happened_at']);
            $table->index(['piece_id', 'happened_at']);
            $table->index(['workshop_id', 'is_sanding', 'id']);
            $table->foreign(['workshop_id', 'piece_id'])->references(['workshop_id', 'id'])
                ->on('pieces')->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('log_entries');
    }
};
