<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The press that an entry is of: a device that had no answer sends it again, and is told from another's. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('log_entries', fn (Blueprint $table) => $table->string('press', 40)->nullable());
    }

    public function down(): void
    {
        Schema::table('log_entries', fn (Blueprint $table) => $table->dropColumn('press'));
    }
};
