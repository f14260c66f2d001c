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
        Schema::create('time_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('operation_id')->constrained();
            $table->foreignId('person_id')->constrained('people');
            $table->date('worked_on');
            $table->dateTime('started_at')->nullable();
            $table->dateTime('ended_at')->nullable();
            $table->integer('minutes')->nullable();
            $table->integer('rate_minor');
            $table->string('source');
            $table->dateTime('struck_at')->nullable();
            $table->string('struck_because')->default('');
            $table->index(['operation_id', 'struck_at']);
            $table->index(['person_id', 'worked_on']);
        });
        // One running clock a person, whatever two tabs do.
        DB::statement('CREATE UNIQUE INDEX one_running_clock ON time_entries (person_id) WHERE minutes IS NULL AND struck_at IS NULL');

        Schema::create('plans', function (Blueprint $table): void {
            $table->id();
            $table->dateTime('made_at');
            $table->string('cause');
        });
        Schema::create('plan_entries', function (Blueprint $table): void {
            $table->foreignId('operation_id')->primary()->constrained();
            $table->foreignId('build_id')->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('start')->nullable();
            $table->dateTime('work_end')->nullable();
            $table->dateTime('finish')->nullable();
            $table->string('reason_kind');
            $table->foreignId('reason_operation_id')->nullable()->constrained('operations');
            $table->string('reason_resource')->nullable();
            $table->string('reason_text')->default('');
            $table->index(['build_id', 'finish']);
            $table->index(['start', 'person_id']);
        });
        Schema::create('planned_finishes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->constrained();
            $table->foreignId('build_id')->constrained();
            $table->dateTime('finish')->nullable();
            $table->unique(['build_id', 'plan_id']);
        });
        Schema::create('log_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->nullable()->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->string('kind');
            $table->text('text');
            $table->index(['build_id', 'id']);
        });
        DB::statement("CREATE TRIGGER log_entries_are_never_edited BEFORE UPDATE ON log_entries BEGIN SELECT RAISE(ABORT, 'the logbook is never edited'); END");
        DB::statement("CREATE TRIGGER log_entries_are_never_removed BEFORE DELETE ON log_entries BEGIN SELECT RAISE(ABORT, 'the logbook is never edited'); END");
    }
};
