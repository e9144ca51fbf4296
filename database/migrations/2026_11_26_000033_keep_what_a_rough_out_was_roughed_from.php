<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The solid blank that a rough-out was before, so that a press too many can be taken back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('blanks', function (Blueprint $table): void {
            $table->json('solid')->nullable()->after('document');
        });
    }

    public function down(): void
    {
        Schema::table('blanks', function (Blueprint $table): void {
            $table->dropColumn('solid');
        });
    }
};
