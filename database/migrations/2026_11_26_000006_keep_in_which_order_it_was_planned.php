<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A plan can be made again as it was: its order, who was chosen, and what had been told. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plan_entries', static function (Blueprint $table): void {
            $table->integer('position')->nullable();
            $table->boolean('is_chosen')->default(false);
            $table->dateTime('told')->nullable();
            $table->json('sittings')->default('[]');
        });
        Schema::table('plans', static fn (Blueprint $table) => $table->string('asked')->default(''));
        Schema::table('operations', static fn (Blueprint $table) => $table->dropColumn('plan_key'));
        // An offer holds a whole plan from now on; what was open is found again.
        DB::table('plan_offers')->where('state', 'open')->update(['state' => 'overtaken']);
        Schema::table('plan_offers', static function (Blueprint $table): void {
            $table->dropColumn('keys');
            $table->json('announced')->default('{}');
        });
    }

    public function down(): void
    {
        Schema::table('plans', static fn (Blueprint $table) => $table->dropColumn('asked'));
        Schema::table('plan_entries', static fn (Blueprint $table) => $table->dropColumn([
            'position', 'is_chosen', 'told', 'sittings',
        ]));
        Schema::table('operations', static fn (Blueprint $table) => $table->bigInteger('plan_key')->nullable());
        Schema::table('plan_offers', static function (Blueprint $table): void {
            $table->dropColumn('announced');
            $table->json('keys')->default('{}');
        });
    }
};
