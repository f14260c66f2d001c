<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether a promise is for the shop, the carrier or the client’s hands, and how it travels. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('builds', static fn (Blueprint $table) => $table->string('promise_means')->default('shop'));
        Schema::create('carriages', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->unique()->constrained();
            $table->string('carrier');
            $table->integer('days');
            $table->integer('cost_minor');
            $table->foreignId('route_change_id')->constrained();
            $table->foreignId('kit_line_id')->nullable()->constrained()->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::drop('carriages');
        Schema::table('builds', static fn (Blueprint $table) => $table->dropColumn('promise_means'));
    }
};
