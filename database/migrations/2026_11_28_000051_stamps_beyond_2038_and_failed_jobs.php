<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** No column ends in 2038; jobs that failed are kept where one can look. */
return new class extends Migration
{
    public function up(): void
    {
        $stamps = DB::table('information_schema.columns')->whereRaw('table_schema = database()')
            ->where('data_type', 'timestamp')->get(['table_name as in', 'column_name as name', 'is_nullable as empty']);
        foreach ($stamps as $stamp) {
            $default = $stamp->empty === 'YES' ? 'null' : 'not null default current_timestamp()';
            DB::statement("alter table `$stamp->in` modify `$stamp->name` datetime $default");
        }
        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->dateTime('failed_at')->useCurrent();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('failed_jobs');
    }
};
