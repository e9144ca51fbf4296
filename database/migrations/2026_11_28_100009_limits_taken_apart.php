<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What stood in one column of a workshop, by what it is: limits of safety, what it owns, how it works, what is set. */
return new class extends Migration
{
    private const USUAL_CAP_M_S = 5.0;

    private const USUAL_WALL_MM = 3.0;

    public function up(): void
    {
        Schema::table('workshops', function (Blueprint $table): void {
            $table->decimal('sanding_cap_m_s', 6, 4)->default(self::USUAL_CAP_M_S)->after('climate');
            $table->decimal('min_wall_mm', 7, 4)->default(self::USUAL_WALL_MM)->after('sanding_cap_m_s');
            $table->unsignedTinyInteger('spare_chucks')->default(0)->after('min_wall_mm');
            $table->boolean('dries_apart')->default(false)->after('spare_chucks');
            $table->json('school')->nullable()->after('dries_apart');
            $table->json('instruments')->nullable()->after('school');
        });
        foreach (DB::table('workshops')->get(['id', 'limits']) as $workshop) {
            $limits = (array) json_decode((string) $workshop->limits, true);
            DB::table('workshops')->where('id', $workshop->id)->update([
                'sanding_cap_m_s' => $limits['sanding_cap_m_s'] ?? self::USUAL_CAP_M_S,
                'min_wall_mm' => $limits['min_wall_mm'] ?? self::USUAL_WALL_MM,
                'spare_chucks' => (int) ($limits['spare_chucks'] ?? 0),
                'dries_apart' => (bool) ($limits['dries_apart'] ?? false),
                'school' => json_encode((object) ($limits['school'] ?? [])),
                'instruments' => json_encode((object) ($limits['instruments'] ?? [])),
            ]);
        }
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn('limits'));
    }

    public function down(): void
    {
        Schema::table('workshops', fn (Blueprint $table) => $table->json('limits')->nullable());
        foreach (DB::table('workshops')->get() as $workshop) {
            DB::table('workshops')->where('id', $workshop->id)->update(['limits' => json_encode([
                'sanding_cap_m_s' => (float) $workshop->sanding_cap_m_s,
                'min_wall_mm' => (float) $workshop->min_wall_mm,
                'spare_chucks' => $workshop->spare_chucks, 'dries_apart' => (bool) $workshop->dries_apart,
                'school' => (array) json_decode((string) $workshop->school, true),
                'instruments' => (array) json_decode((string) $workshop->instruments, true),
            ])]);
        }
        Schema::table('workshops', function (Blueprint $table): void {
            $table->dropColumn([
                'sanding_cap_m_s', 'min_wall_mm', 'spare_chucks', 'dries_apart', 'school', 'instruments',
            ]);
        });
    }
};
