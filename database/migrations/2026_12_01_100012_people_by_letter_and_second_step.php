<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Addresses that are confirmed, a second step of signing in, invitations, the devices that somebody is signed in on,
 * and what was done with all of that.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->dateTime('email_verified_at')->nullable();
            $table->text('second_secret')->nullable();
            $table->dateTime('second_since')->nullable();
            $table->unsignedBigInteger('second_counter')->nullable();
            $table->json('recovery_codes')->nullable();
            $table->dateTime('leaves_at')->nullable()->index();
        });
        Schema::table('workshops', function (Blueprint $table): void {
            $table->dateTime('closes_at')->nullable()->index();
        });
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email')->primary();
            $table->string('token');
            $table->dateTime('created_at')->nullable();
        });
        Schema::create('invitations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('invited_by')->nullable()->constrained('users')->nullOnDelete();
            $table->string('name', 120);
            $table->string('email', 190);
            $table->string('role', 20);
            $table->char('token', 64)->unique();
            $table->dateTime('ends_at');
            $table->dateTime('created_at');
            $table->unique(['workshop_id', 'email']);
        });
        Schema::create('sign_ins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('agent', 190);
            $table->string('address', 45);
            $table->boolean('is_remembered');
            $table->dateTime('began_at');
            $table->dateTime('seen_at')->index();
            $table->dateTime('ended_at')->nullable();
        });
        Schema::create('sent_letters', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('mark', 60);
            $table->dateTime('sent_at')->index();
            $table->unique(['user_id', 'mark']);
        });
        Schema::create('audit_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('who', 120);
            $table->string('what', 40);
            $table->string('about', 190)->nullable();
            $table->string('address', 45)->nullable();
            $table->dateTime('at');
            $table->index(['workshop_id', 'id']);
        });
    }

    public function down(): void
    {
        foreach (['audit_entries', 'sent_letters', 'sign_ins', 'invitations', 'password_reset_tokens'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn('closes_at'));
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn([
            'email_verified_at', 'second_secret', 'second_since', 'second_counter', 'recovery_codes', 'leaves_at',
        ]));
    }
};
