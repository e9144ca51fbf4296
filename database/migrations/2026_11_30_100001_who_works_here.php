<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Who works in a shop and when, what its makers have fixed in the plan, and what the plan says besides times: who does
 * a step, how long it may be left, which windows are given up, and how likely a piece is in time.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('workers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->unique()->constrained()->nullOnDelete();
            $table->string('name', 120);
            $table->json('hours')->nullable();
            $table->json('also')->default('{}');
            $table->json('away')->default('[]');
            $table->json('skills')->nullable();
            $table->dateTime('created_at')->nullable();
            $table->dateTime('updated_at')->nullable();
        });
        Schema::create('pins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('piece_id');
            $table->string('step', 120);
            $table->dateTime('start_at');
            $table->unique(['piece_id', 'step']);
            $table->foreign(['workshop_id', 'piece_id'])->references(['workshop_id', 'id'])
                ->on('pieces')->cascadeOnDelete();
        });
        Schema::table('planned_steps', function (Blueprint $table): void {
            $table->dateTime('must_at')->nullable()->after('closes_at');
            $table->dateTime('given_up_at')->nullable()->after('must_at');
            $table->string('who', 120)->nullable()->after('given_up_at');
        });
        Schema::table('pieces', function (Blueprint $table): void {
            $table->decimal('weight', 4, 1)->default(1)->after('due_at');
            $table->decimal('chance', 4, 3)->nullable()->after('ready_at');
        });
        Schema::table('workshops', function (Blueprint $table): void {
            $table->json('also')->default('{}')->after('closed');
        });
    }

    public function down(): void
    {
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn('also'));
        Schema::table('pieces', fn (Blueprint $table) => $table->dropColumn(['weight', 'chance']));
        Schema::table('planned_steps', fn (Blueprint $table) => $table->dropColumn(['must_at', 'given_up_at', 'who']));
        Schema::dropIfExists('pins');
        Schema::dropIfExists('workers');
    }
};
