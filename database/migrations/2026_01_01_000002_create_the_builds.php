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
        Schema::create('clients', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('contact')->default('');
        });
        Schema::create('builds', function (Blueprint $table): void {
            $table->id();
            $table->integer('number')->unique();
            $table->string('title');
            $table->foreignId('client_id')->nullable()->constrained();
            $table->string('purpose');
            $table->string('status')->index();
            $table->integer('price_minor')->nullable();
            $table->integer('deposit_minor')->nullable();
            $table->date('promised_on')->nullable();
            $table->integer('estimated_minutes');
            $table->integer('estimated_labour_minor');
            $table->integer('estimated_material_minor');
            $table->dateTime('ordered_at');
            $table->dateTime('finished_at')->nullable()->index();
            $table->integer('version')->default(1);
        });
        Schema::create('specification_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->integer('number');
            $table->json('client');
            $table->json('house');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->foreignId('released_by')->nullable()->constrained('people');
            $table->dateTime('released_at')->nullable();
            $table->integer('version')->default(1);
            $table->unique(['build_id', 'number']);
        });
        DB::statement("CREATE TRIGGER released_revisions_are_never_edited BEFORE UPDATE ON specification_revisions WHEN OLD.released_at IS NOT NULL BEGIN SELECT RAISE(ABORT, 'a released revision is never edited'); END");
        DB::statement("CREATE TRIGGER released_revisions_are_never_removed BEFORE DELETE ON specification_revisions WHEN OLD.released_at IS NOT NULL BEGIN SELECT RAISE(ABORT, 'a released revision is never removed'); END");
        Schema::create('accepted_findings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->integer('revision');
            $table->string('key');
            $table->string('title');
            $table->text('figures');
            $table->text('reason');
            $table->foreignId('person_id')->constrained('people');
            $table->dateTime('at');
            $table->index(['build_id', 'key']);
        });
        Schema::create('house_models', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('type');
            $table->boolean('is_default')->default(false);
            $table->json('body');
            $table->integer('version')->default(1);
        });
        DB::statement('CREATE UNIQUE INDEX one_default_model ON house_models (type) WHERE is_default');
        Schema::create('operations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->integer('position');
            $table->string('key');
            $table->string('name');
            $table->string('stage');
            $table->json('pieces');
            $table->json('needs');
            $table->integer('set_up_minutes');
            $table->integer('labour_minutes');
            $table->integer('hold_minutes');
            $table->string('skill');
            $table->string('station')->nullable();
            $table->string('fixture')->nullable();
            $table->integer('fixtures')->default(1);
            $table->boolean('one_sitting');
            $table->string('caution')->nullable();
            $table->string('state')->default('open');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('started_at')->nullable();
            $table->dateTime('labour_done_at')->nullable();
            $table->dateTime('hold_until')->nullable();
            $table->string('waits_for')->default('');
            $table->date('waits_until')->nullable();
            $table->dateTime('baseline_start')->nullable();
            $table->dateTime('baseline_end')->nullable();
            $table->integer('version')->default(1);
            $table->unique(['build_id', 'key']);
            $table->index(['state', 'build_id']);
        });
        Schema::create('operation_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->foreignId('before_id')->constrained('operations');
            $table->foreignId('after_id')->constrained('operations');
            $table->string('reason');
            $table->unique(['before_id', 'after_id']);
            $table->index('build_id');
            $table->index('after_id');
        });
        Schema::create('kit_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->string('group');
            $table->string('name');
            $table->float('quantity');
            $table->string('unit');
            $table->string('supplier')->default('');
            $table->integer('estimated_minor');
            $table->integer('cost_minor')->nullable();
            $table->integer('lead_days');
            $table->string('state')->index();
            $table->date('ordered_on')->nullable();
            $table->date('expected_on')->nullable();
            $table->date('arrived_on')->nullable();
            $table->float('used')->default(0);
            $table->float('written_off')->default(0);
            $table->boolean('surplus')->default(false);
            $table->integer('version')->default(1);
            $table->index(['build_id', 'group']);
        });
        Schema::create('measurements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->foreignId('kit_line_id')->nullable()->constrained();
            $table->string('part');
            $table->string('field');
            $table->string('value');
            $table->string('instrument')->default('');
            $table->foreignId('person_id')->constrained('people');
            $table->dateTime('at');
            $table->index(['build_id', 'field']);
        });
    }
};
