<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is on the shelf: sheets, tins, dyes, and woods and mixes of the maker's own; and test boards. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('abrasives', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('grit', 20);
            $table->unsignedInteger('discs')->default(0);
            $table->decimal('price', 8, 2)->nullable();
            $table->datetimes();
            $table->unique(['workshop_id', 'grit']);
        });
        Schema::create('tins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('product', 120);
            $table->json('label');
            $table->decimal('stock_ml', 10, 3)->nullable();
            $table->date('opened_on')->nullable();
            $table->string('note', 500)->nullable();
            $table->datetimes();
            $table->unique(['workshop_id', 'product']);
        });
        Schema::create('dyes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 40);
            $table->string('product', 200);
            $table->char('rgb', 7);
            $table->double('stock')->nullable();
            $table->decimal('price', 10, 4)->nullable();
            $table->datetimes();
            $table->unique(['workshop_id', 'name']);
        });
        Schema::create('woods', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->json('typed');
            $table->datetimes();
            $table->unique(['workshop_id', 'name']);
        });
        Schema::create('mixes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->json('typed');
            $table->datetimes();
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
            $table->datetimes();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('swatches');
        Schema::dropIfExists('mixes');
        Schema::dropIfExists('woods');
        Schema::dropIfExists('dyes');
        Schema::dropIfExists('tins');
        Schema::dropIfExists('abrasives');
    }
};
