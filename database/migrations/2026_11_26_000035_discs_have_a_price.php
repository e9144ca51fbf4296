<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a disc costs, so that a way of sanding and a piece can be priced. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('abrasives', function (Blueprint $table): void {
            $table->decimal('price', 8, 2)->nullable()->after('discs');
        });
    }

    public function down(): void
    {
        Schema::table('abrasives', function (Blueprint $table): void {
            $table->dropColumn('price');
        });
    }
};
