<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which change of its piece opened a step again, so that taking the change back closes the step. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('log_entries', function (Blueprint $table): void {
            $table->unsignedInteger('revision')->nullable()->after('undoes_id');
            $table->index(['piece_id', 'revision']);
        });
    }

    public function down(): void
    {
        Schema::table('log_entries', function (Blueprint $table): void {
            $table->dropIndex(['piece_id', 'revision']);
            $table->dropColumn('revision');
        });
    }
};
