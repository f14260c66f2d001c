<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A station or a fixture that is not to be had at all times: its week, and whether only every second one counts. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('resources', static function (Blueprint $table): void {
            $table->json('hours')->nullable();
            $table->date('every_second_from')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('resources', static fn (Blueprint $table) => $table->dropColumn(['hours', 'every_second_from']));
    }
};
