<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Workshops, with what they are set to and what they have learnt, and the people in them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('workshops', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('time_zone', 64)->default('UTC');
            $table->json('hours');
            $table->json('closed');
            $table->json('climate');
            $table->json('limits');
            $table->json('equipment')->nullable();
            $table->boolean('is_demo')->default(false);
            $table->boolean('is_visit')->default(false)->index();
            $table->dateTime('last_seen_at')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->unsignedInteger('planned_version')->nullable();
            $table->dateTime('planned_at')->nullable();
            $table->json('plan_summary')->nullable();
            $table->json('learnt')->nullable();
            $table->json('unlearnt')->nullable();
            $table->json('dye_factors')->nullable();
            $table->datetimes();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('email')->unique();
            $table->string('password');
            $table->string('role', 20)->default('owner');
            $table->json('preferences');
            $table->string('calendar_token', 64)->unique();
            $table->rememberToken();
            $table->datetimes();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('users');
        Schema::dropIfExists('workshops');
    }
};
