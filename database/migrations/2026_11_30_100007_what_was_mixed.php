<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Cups that were mixed, what is left in each, and the ratio that a tin is mixed by. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('cups', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('product', 120);
            $table->decimal('mixed_ml', 10, 3);
            $table->decimal('left_ml', 10, 3);
            $table->dateTime('mixed_at');
            $table->dateTime('good_until')->nullable();
            $table->dateTime('emptied_at')->nullable();
            $table->json('taken');
            $table->foreignId('timer_id')->nullable()->constrained()->nullOnDelete();
            $table->string('once_key', 80)->nullable()->unique();
            $table->datetimes();
            $table->index(['workshop_id', 'emptied_at']);
        });
        Schema::table('tins', fn (Blueprint $table) => $table->json('ratio')->nullable());
    }

    public function down(): void
    {
        Schema::dropIfExists('cups');
        Schema::table('tins', fn (Blueprint $table) => $table->dropColumn('ratio'));
    }
};
