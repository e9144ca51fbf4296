<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What is worked out from weights takes any figure, so that it never refuses the weight itself; a weight may be said to
 * be right; one that was rounded to nothing is struck out.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('blanks', function (Blueprint $table): void {
            $table->double('moisture_percent')->nullable()->change();
            $table->double('lost_percent')->nullable()->change();
            $table->double('week_percent')->nullable()->change();
        });
        Schema::table('weighings', fn (Blueprint $table) => $table->dateTime('sure_at')->nullable());
        DB::table('weighings')->where('mass_g', '<=', 0)->whereNull('struck_at')->update(['struck_at' => now()]);
    }

    public function down(): void
    {
        Schema::table('weighings', fn (Blueprint $table) => $table->dropColumn('sure_at'));
    }
};
