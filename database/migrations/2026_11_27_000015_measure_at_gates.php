<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is read at gates, with the target of then; what was decided where it lies outside; and that a gate was closed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('readings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('operation_id')->constrained();
            // A gate that is opened again is read again.
            $table->unsignedInteger('round')->default(1);
            $table->string('line');
            $table->string('place')->default('');
            $table->double('value');
            $table->string('unit');
            $table->string('tool')->default('');
            $table->double('low')->nullable();
            $table->double('high')->nullable();
            $table->double('mark')->nullable();
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            $table->dateTime('struck_at')->nullable();
            $table->string('struck_because')->default('');
            $table->index(['operation_id', 'round']);
            $table->index(['line', 'at']);
        });
        Schema::create('gate_decisions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('operation_id')->constrained();
            $table->unsignedInteger('round')->default(1);
            $table->string('line');
            $table->string('kind');
            $table->text('reason');
            // The last reading that was looked at: one that lies outside and comes later is decided on anew.
            $table->unsignedBigInteger('up_to')->default(0);
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            $table->index(['operation_id', 'round']);
        });
        Schema::table('operations', static function (Blueprint $table): void {
            $table->dateTime('gate_closed_at')->nullable();
            $table->unsignedInteger('gate_round')->default(1);
        });
    }

    public function down(): void
    {
        Schema::table('operations', static fn (Blueprint $table) => $table->dropColumn(['gate_closed_at', 'gate_round']));
        Schema::drop('gate_decisions');
        Schema::drop('readings');
    }
};
