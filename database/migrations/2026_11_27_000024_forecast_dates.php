<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Dates with their chances: of the plan in force, and as they were when a promise was given; by which model an instrument is built. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('forecasts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('state');
            $table->dateTime('made_at');
            $table->unsignedInteger('runs')->default(0);
            $table->unsignedInteger('all_kept')->nullable();
            $table->json('months');
            $table->json('slot')->nullable();
            $table->json('helps');
            $table->string('helps_state')->default('none');
        });
        Schema::create('build_forecasts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('forecast_id')->constrained()->cascadeOnDelete();
            $table->foreignId('build_id')->constrained();
            $table->dateTime('by50')->nullable();
            $table->dateTime('by80')->nullable();
            $table->dateTime('by95')->nullable();
            $table->unsignedInteger('chance')->nullable();
            $table->json('days');
            $table->json('hangs');
            $table->index('build_id');
        });
        Schema::create('given_forecasts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->date('promised_on')->nullable();
            $table->dateTime('given_at');
            $table->dateTime('plan_finish')->nullable();
            $table->dateTime('by50')->nullable();
            $table->dateTime('by80')->nullable();
            $table->dateTime('by95')->nullable();
            $table->dateTime('by10')->nullable();
            $table->dateTime('by25')->nullable();
            $table->dateTime('by75')->nullable();
            $table->dateTime('by90')->nullable();
            $table->unsignedInteger('chance')->nullable();
            $table->unsignedInteger('planned_minutes');
            $table->double('shift')->default(0);
            $table->double('scale')->default(1);
            $table->string('source')->default('promise');
            $table->index(['build_id', 'given_at']);
        });
        Schema::table('builds', static function (Blueprint $table): void {
            $table->string('model')->default('');
            $table->unsignedInteger('budget_minutes')->nullable();
        });
        Schema::table('shops', static function (Blueprint $table): void {
            $table->unsignedInteger('promise_chance')->default(800);
        });
        $this->nameModels();
    }

    public function down(): void
    {
        Schema::table('shops', static fn (Blueprint $table) => $table->dropColumn('promise_chance'));
        Schema::table('builds', static fn (Blueprint $table) => $table->dropColumn(['model', 'budget_minutes']));
        Schema::drop('given_forecasts');
        Schema::drop('build_forecasts');
        Schema::drop('forecasts');
    }

    /** What was built before is known by how it is made. */
    private function nameModels(): void
    {
        $latest = DB::table('specification_revisions')->groupBy('build_id')->selectRaw('max(id) as id');
        foreach (DB::table('specification_revisions')->whereIn('id', $latest)->get(['build_id', 'client', 'house']) as $row) {
            $typed = [...(array) json_decode((string) $row->house, true), ...(array) json_decode((string) $row->client, true)];
            $words = [];
            foreach (['strings', 'type', 'joint', 'body'] as $field) {
                $value = $typed[$field] ?? '';
                $words[] = is_string($value) ? $value : '';
            }
            DB::table('builds')->where('id', $row->build_id)->update(['model' => trim("{$words[0]}-string {$words[1]}, {$words[2]}, {$words[3]}", ' ,')]);
        }
    }
};
