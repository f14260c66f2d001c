<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a build may cost, and whether it stays within what was set for it, by its latest forecast. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('builds', static function (Blueprint $table): void {
            $table->unsignedBigInteger('budget_minor')->nullable();
        });
        Schema::table('build_forecasts', static function (Blueprint $table): void {
            $table->unsignedInteger('hours_within')->nullable();
            $table->unsignedInteger('cost_within')->nullable();
            $table->string('breaks')->default('');
        });
    }

    public function down(): void
    {
        Schema::table('build_forecasts', static fn (Blueprint $table) => $table->dropColumn(['hours_within', 'cost_within', 'breaks']));
        Schema::table('builds', static fn (Blueprint $table) => $table->dropColumn('budget_minor'));
    }
};
