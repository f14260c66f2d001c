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
            $table->json('methods')->default('{}');
            $table->json('tolerances')->default('{}');
            $table->json('glue_shares')->default('{}');
            $table->integer('spray_coldest_tenths')->default(150);
            $table->integer('spray_dampest_tenths')->default(700);
        });
        Schema::table('operation_standards', function (Blueprint $table): void {
            $table->dropUnique(['key']);
            $table->string('tool')->default('hand');
            $table->string('way')->default('');
            $table->boolean('usual')->default(true);
            $table->integer('best_minutes')->default(0);
            $table->integer('worst_minutes')->default(0);
            $table->string('hold_kind')->nullable();
            $table->string('driver')->nullable();
            $table->integer('fixed_percent')->default(40);
            $table->string('risk')->default('');
            $table->string('source')->default('default');
            $table->unique(['key', 'tool']);
        });
        Schema::table('finish_standards', function (Blueprint $table): void {
            $table->integer('window_minutes')->nullable();
            $table->string('source')->default('default');
        });
        Schema::create('house_versions', function (Blueprint $table): void {
            $table->id();
            $table->string('record');
            $table->integer('record_id');
            $table->integer('version');
            $table->json('before');
            $table->json('after');
            $table->string('source');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->unique(['record', 'record_id', 'version']);
        });
        Schema::table('builds', function (Blueprint $table): void {
            $table->json('methods')->default('{}');
            $table->integer('route_version')->default(1);
        });
        Schema::table('operations', function (Blueprint $table): void {
            $table->integer('best_minutes')->default(0);
            $table->integer('worst_minutes')->default(0);
            $table->string('hold_kind')->nullable();
            $table->string('tool')->default('hand');
            $table->string('way')->default('');
            $table->string('standard')->default('');
            $table->string('set_up_key')->default('');
            $table->json('cautions')->default('[]');
            $table->boolean('sprayed')->default(false);
            $table->index(['set_up_key', 'state']);
        });
        Schema::table('operation_links', function (Blueprint $table): void {
            $table->integer('window_minutes')->nullable();
        });
        Schema::create('route_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->json('body');
            $table->text('words');
            $table->text('reason');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->dateTime('undone_at')->nullable();
            $table->index(['build_id', 'undone_at']);
        });
        Schema::create('route_patterns', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->json('methods');
            $table->json('changes');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
        });
        Schema::create('climate_readings', function (Blueprint $table): void {
            $table->id();
            $table->dateTime('at')->unique();
            $table->integer('temperature_tenths');
            $table->integer('humidity_tenths');
            $table->string('source');
            $table->foreignId('person_id')->nullable()->constrained('people');
        });
        // What stood on the routes of shops that are open already.
        DB::statement('UPDATE operations SET best_minutes = labour_minutes * 3 / 4, worst_minutes = labour_minutes * 7 / 4, standard = key');
        DB::statement('UPDATE operations SET cautions = json_array(caution) WHERE caution IS NOT NULL');
        DB::statement("UPDATE operations SET sprayed = 1 WHERE station = 'spray-booth'");
        DB::statement('UPDATE operation_standards SET best_minutes = labour_minutes * 3 / 4, worst_minutes = labour_minutes * 7 / 4');
    }
};
