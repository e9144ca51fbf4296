<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** For whom a piece is, what is asked for it, and its page for whoever has it; what an hour costs a workshop. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sales', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('piece_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('for_whom', 120)->nullable();
            $table->double('price')->nullable();
            $table->string('token', 32)->unique();
            $table->boolean('is_public')->default(false);
            $table->json('photos')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->datetimes();
        });
        Schema::table('workshops', function (Blueprint $table): void {
            $table->double('hour_rate')->nullable();
            $table->double('lathe_kw')->nullable();
            $table->double('kwh_price')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sales');
        Schema::table('workshops', function (Blueprint $table): void {
            $table->dropColumn(['hour_rate', 'lathe_kw', 'kwh_price']);
        });
    }
};
