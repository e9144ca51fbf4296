<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('abrasives', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('grit', 20);
            $table->unsignedInteger('discs')->default(0);
            $table->timestamps();
            $table->unique(['workshop_id', 'grit']);
        });
        Schema::create('tins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('product', 120);
            $table->json('label');
            $table->decimal('stock_ml', 8, 1)->nullable();
            $table->date('opened_on')->nullable();
            $table->string('note', 500)->nullable();
            $table->timestamps();
            $table->unique(['workshop_id', 'product']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tins');
        Schema::dropIfExists('abrasives');
    }
};
