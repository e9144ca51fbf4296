<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a thin coat takes off a tin is less than a tenth of a millilitre: it is not to be rounded away. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('tins', fn (Blueprint $table) => $table->decimal('stock_ml', 10, 3)->nullable()->change());
    }

    public function down(): void
    {
        Schema::table('tins', fn (Blueprint $table) => $table->decimal('stock_ml', 9, 1)->nullable()->change());
    }
};
