<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who is signed in where, links for a forgotten password, the second factor, and what happened about all of it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sign_ins', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->string('device');
            $table->string('place');
            $table->dateTime('began_at');
            $table->dateTime('ended_at')->nullable();
        });
        Schema::create('password_links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('given_by')->constrained('people');
            $table->string('token_hash')->unique();
            $table->dateTime('until');
            $table->dateTime('used_at')->nullable();
        });
        Schema::create('trusted_devices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->string('token_hash')->unique();
            $table->dateTime('until');
        });
        Schema::table('people', static function (Blueprint $table): void {
            $table->text('code_secret')->nullable();
            $table->integer('code_step')->default(0);
            $table->text('recovery_codes')->nullable();
        });
        Schema::table('shops', static function (Blueprint $table): void {
            $table->boolean('needs_second_factor')->default(false);
        });
        Schema::create('audit_entries', static function (Blueprint $table): void {
            $table->id();
            $table->dateTime('at')->index();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->string('kind');
            $table->string('words');
            $table->string('place');
        });
        // Nobody edits what happened, whatever the application is made to do.
        foreach (['UPDATE', 'DELETE'] as $what) {
            DB::statement(
                'CREATE TRIGGER audit_entries_no_'.strtolower($what)." BEFORE {$what} ON audit_entries "
                    ."BEGIN SELECT RAISE(ABORT, 'the audit log is only added to'); END",
            );
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('audit_entries');
        Schema::dropIfExists('trusted_devices');
        Schema::dropIfExists('password_links');
        Schema::dropIfExists('sign_ins');
        Schema::table('people', static fn (Blueprint $table) => $table->dropColumn(['code_secret', 'code_step', 'recovery_codes']));
        Schema::table('shops', static fn (Blueprint $table) => $table->dropColumn('needs_second_factor'));
    }
};
