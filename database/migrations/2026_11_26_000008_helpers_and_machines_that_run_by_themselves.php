<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How long somebody helps at the end of an operation, and how long a machine then runs by itself. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('operation_standards', static function (Blueprint $table): void {
            $table->integer('hands_minutes')->default(0);
            $table->integer('alone_minutes')->default(0);
        });
        Schema::table('operations', static function (Blueprint $table): void {
            $table->integer('hands_minutes')->default(0);
            $table->integer('alone_minutes')->default(0);
            $table->dateTime('runs_until')->nullable();
        });
        Schema::table('plan_entries', static function (Blueprint $table): void {
            $table->foreignId('helper_id')->nullable()->constrained('people');
            $table->dateTime('helps_from')->nullable();
            $table->dateTime('runs_until')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('plan_entries', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('helper_id');
            $table->dropColumn(['helps_from', 'runs_until']);
        });
        Schema::table('operations', static fn (Blueprint $table) => $table->dropColumn(
            ['hands_minutes', 'alone_minutes', 'runs_until'],
        ));
        Schema::table('operation_standards', static fn (Blueprint $table) => $table->dropColumn(
            ['hands_minutes', 'alone_minutes'],
        ));
    }
};
