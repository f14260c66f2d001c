<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What comes back from the bench: interruptions, notes and photographs, instructions of the house, ticks, set-up, presses. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('interruptions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained();
            $table->date('day');
            $table->dateTime('from')->nullable();
            // Neither is known while somebody is still away.
            $table->dateTime('until')->nullable();
            $table->unsignedInteger('minutes')->nullable();
            $table->string('reason');
            $table->string('note')->default('');
            $table->index(['person_id', 'day']);
        });
        Schema::create('accounted_days', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained();
            $table->date('day');
            $table->string('line')->default('');
            $table->dateTime('at');
            $table->unique(['person_id', 'day']);
        });
        Schema::create('bench_notes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('operation_id')->constrained();
            $table->string('operation_key');
            $table->string('kind');
            $table->text('text');
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            $table->dateTime('settled_at')->nullable();
            $table->string('settled_words')->default('');
            $table->index(['operation_key', 'kind']);
        });
        Schema::create('photographs', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->nullable()->constrained();
            $table->foreignId('operation_id')->nullable()->constrained();
            $table->string('operation_key')->default('');
            $table->unsignedInteger('instruction_version')->nullable();
            $table->string('caption')->default('');
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            $table->index(['operation_key', 'instruction_version']);
        });
        // In the shop's file, so that it is copied, restored and taken along with everything else; in base64.
        Schema::create('photograph_bytes', static function (Blueprint $table): void {
            $table->foreignId('photograph_id')->primary()->constrained();
            $table->longText('jpeg');
        });
        Schema::create('instructions', static function (Blueprint $table): void {
            $table->id();
            $table->string('operation_key');
            $table->unsignedInteger('version');
            $table->text('text');
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            $table->unique(['operation_key', 'version']);
        });
        Schema::create('ticks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('operation_id')->constrained();
            $table->string('list');
            $table->string('item');
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            $table->unique(['operation_id', 'list', 'item']);
        });
        Schema::create('set_up_readings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->string('step');
            $table->unsignedTinyInteger('string')->nullable();
            $table->double('value');
            $table->boolean('settled')->default(false);
            $table->string('did')->default('');
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            // The reading that is taken back by this one.
            $table->foreignId('undoes')->nullable()->references('id')->on('set_up_readings');
            $table->index(['build_id', 'step']);
        });
        Schema::create('bench_devices', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('token_hash')->unique();
            $table->foreignId('given_by')->constrained('people');
            $table->dateTime('at');
            $table->dateTime('revoked_at')->nullable();
        });
        Schema::create('bench_presses', static function (Blueprint $table): void {
            $table->string('uuid')->primary();
            $table->foreignId('person_id')->constrained();
            $table->string('kind');
            $table->dateTime('pressed_at');
            $table->dateTime('at');
            $table->boolean('done');
            $table->text('words');
        });
        Schema::table('people', static function (Blueprint $table): void {
            $table->string('bench_code')->nullable();
            // The day on which they are given nothing that cannot be undone.
            $table->date('gentle_on')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('people', static fn (Blueprint $table) => $table->dropColumn(['bench_code', 'gentle_on']));
        foreach (['bench_presses', 'bench_devices', 'set_up_readings', 'ticks', 'instructions', 'photograph_bytes', 'photographs', 'bench_notes', 'accounted_days', 'interruptions'] as $table) {
            Schema::drop($table);
        }
    }
};
