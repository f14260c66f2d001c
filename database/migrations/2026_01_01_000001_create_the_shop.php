<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shops', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('currency', 3);
            $table->string('timezone');
            $table->json('hours');
            $table->integer('labour_rate_minor');
            $table->integer('overhead_permille');
            $table->integer('margin_permille');
            $table->integer('deposit_permille');
            $table->integer('risk_days');
            $table->integer('version')->default(1);
        });
        Schema::create('closed_days', function (Blueprint $table): void {
            $table->id();
            $table->date('date')->unique();
            $table->string('note')->default('');
        });
        Schema::create('people', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('email')->nullable()->unique();
            $table->string('password')->nullable();
            $table->string('remember_token', 100)->nullable();
            $table->string('role');
            $table->json('skills');
            $table->json('hours')->nullable();
            $table->integer('rate_minor')->nullable();
            $table->boolean('active')->default(true);
            $table->integer('version')->default(1);
        });
        Schema::create('days_off', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->date('date');
            $table->string('note')->default('');
            $table->unique(['person_id', 'date']);
        });
        Schema::create('resources', function (Blueprint $table): void {
            $table->id();
            $table->string('key')->unique();
            $table->string('kind');
            $table->string('name');
            $table->integer('capacity');
            $table->integer('version')->default(1);
        });
        Schema::create('operation_standards', function (Blueprint $table): void {
            $table->id();
            $table->string('key')->unique();
            $table->string('name');
            $table->string('stage');
            $table->integer('set_up_minutes');
            $table->integer('labour_minutes');
            $table->integer('hold_minutes');
            $table->string('skill');
            $table->string('station')->nullable();
            $table->string('fixture')->nullable();
            $table->integer('fixtures')->default(1);
            $table->boolean('one_sitting');
            $table->string('caution')->nullable();
            $table->integer('version')->default(1);
        });
        Schema::create('finish_standards', function (Blueprint $table): void {
            $table->id();
            $table->string('system')->unique();
            $table->integer('body_coats');
            $table->integer('neck_coats');
            $table->integer('coats_a_day');
            $table->integer('after_first_minutes');
            $table->integer('between_coats_minutes');
            $table->integer('overnight_minutes');
            $table->integer('cure_minutes');
            $table->integer('version')->default(1);
        });
        Schema::create('prices', function (Blueprint $table): void {
            $table->id();
            $table->string('key')->unique();
            $table->string('name');
            $table->string('unit');
            $table->integer('cost_minor');
            $table->integer('lead_days');
            $table->string('supplier')->default('');
            $table->integer('version')->default(1);
        });
    }
};
