<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->json('plan_weights')->default('{}');
        });
        Schema::table('people', function (Blueprint $table): void {
            $table->json('speeds')->default('{}');
        });
        Schema::table('days_off', function (Blueprint $table): void {
            $table->integer('from_minute')->nullable();
            $table->integer('to_minute')->nullable();
            $table->string('kind')->default('off');
            $table->dropUnique(['person_id', 'date']);
        });
        DB::statement('CREATE UNIQUE INDEX one_whole_day_off ON days_off (person_id, date) WHERE from_minute IS NULL');
        Schema::create('overtimes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->date('from');
            $table->date('to');
            $table->integer('minutes');
            $table->string('note')->default('');
        });
        Schema::create('outages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('resource_id')->constrained();
            $table->dateTime('from');
            $table->dateTime('to')->index();
            $table->string('note')->default('');
        });
        Schema::table('builds', function (Blueprint $table): void {
            $table->string('promise_kind')->default('promised');
            $table->integer('push_days')->default(0);
            $table->date('held_until')->nullable();
            $table->string('held_because')->default('');
        });
        Schema::create('pins', function (Blueprint $table): void {
            $table->foreignId('operation_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->date('day')->nullable();
            $table->foreignId('after_id')->nullable()->constrained('operations')->cascadeOnDelete();
        });
        Schema::table('plans', function (Blueprint $table): void {
            $table->bigInteger('cost')->nullable();
        });
        Schema::table('plan_entries', function (Blueprint $table): void {
            $table->integer('work_minutes')->default(0);
            $table->integer('sanding_minutes')->default(0);
            $table->foreignId('shares_id')->nullable()->constrained('operations')->nullOnDelete();
        });
        Schema::create('plan_troubles', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->foreignId('operation_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('build_id')->nullable()->constrained();
            $table->text('words');
        });
        Schema::create('plan_changes', function (Blueprint $table): void {
            $table->id();
            $table->json('body');
            $table->json('back')->nullable();
            $table->json('told')->default('{}');
            $table->text('words');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->dateTime('undone_at')->nullable();
        });
        Schema::create('scenarios', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->json('changes');
            $table->foreignId('person_id')->constrained('people');
            $table->dateTime('at');
            $table->string('state')->default('open')->index();
            $table->integer('version')->default(1);
        });
        Schema::create('feeds', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->foreignId('build_id')->nullable()->constrained();
            $table->string('token_hash')->unique();
            $table->text('token');
            $table->foreignId('given_by')->constrained('people');
            $table->dateTime('at');
            $table->dateTime('read_at')->nullable();
            $table->dateTime('revoked_at')->nullable();
        });
    }
};
