<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

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
            $table->string('calendar_token', 64)->unique();
            $table->boolean('is_demo')->default(false);
            $table->dateTime('planned_at')->nullable();
            $table->json('plan_summary')->nullable();
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('email')->unique();
            $table->string('password');
            $table->string('role', 20)->default('owner');
            $table->json('preferences');
            $table->rememberToken();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('users');
        Schema::dropIfExists('workshops');
    }
};
