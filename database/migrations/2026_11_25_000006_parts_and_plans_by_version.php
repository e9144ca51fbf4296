<?php

declare(strict_types=1);

use App\Planning\DocumentsOfVersion1;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Pieces have parts, and every operation an id of the document: documents, revisions, logs and planned steps of the
 * first version are taken over. A workshop counts its changes, so that a plan is made outside its lock.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('woods', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->json('typed');
            $table->dateTime('created_at')->nullable();
            $table->dateTime('updated_at')->nullable();
            $table->unique(['workshop_id', 'name']);
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::table('workshops', function (Blueprint $table): void {
            $table->unsignedInteger('version')->default(1);
            $table->unsignedInteger('planned_version')->nullable();
        });
        Schema::table('pieces', fn (Blueprint $table) => $table->string('route_key', 60)->nullable());
        Schema::table('planned_steps', function (Blueprint $table): void {
            $table->string('part', 40)->nullable();
            $table->string('technique', 30)->default('own');
            $table->string('product', 200)->nullable();
            $table->json('follows')->default('[]');
            $table->decimal('wait_from_h', 9, 2)->nullable();
            $table->decimal('wait_until_h', 9, 2)->nullable();
        });
        DB::table('pieces')->orderBy('id')->each(fn (object $piece) => DocumentsOfVersion1::takeOver($piece));
    }

    public function down(): void
    {
        // A document of version 2 holds what version 1 cannot: there is no way back but from a copy kept before.
        throw new RuntimeException('This migration cannot be taken back: restore the copy made before it.');
    }
};
