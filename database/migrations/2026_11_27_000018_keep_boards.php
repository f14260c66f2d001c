<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Boards as they are bought, how they settle, and where they have knots and splits. Sizes in tenths of a millimetre. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('boards', static function (Blueprint $table): void {
            $table->id();
            $table->string('species');
            $table->unsignedInteger('length_tenths');
            $table->unsignedInteger('width_tenths');
            $table->unsignedInteger('thickness_tenths');
            $table->unsignedInteger('cost_minor');
            $table->string('supplier')->default('');
            $table->date('bought_on');
            $table->string('place')->default('');
            $table->string('cut');
            $table->string('figure')->default('');
            $table->string('origin')->default('');
            $table->string('papers')->default('');
            $table->text('note');
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            $table->dateTime('gone_at')->nullable();
            $table->string('gone_because')->default('');
            $table->unsignedInteger('version')->default(1);
            $table->index(['gone_at', 'species']);
        });
        Schema::create('board_readings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('board_id')->constrained();
            // By a meter, or by weight, from which moisture follows.
            $table->unsignedInteger('moisture_hundredths')->nullable();
            $table->unsignedInteger('grams')->nullable();
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            $table->dateTime('struck_at')->nullable();
            $table->index(['board_id', 'at']);
        });
        Schema::create('board_defects', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('board_id')->constrained();
            $table->string('kind');
            $table->unsignedInteger('from_tenths');
            $table->unsignedInteger('across_tenths');
            $table->unsignedInteger('length_tenths');
            $table->unsignedInteger('width_tenths');
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            $table->dateTime('struck_at')->nullable();
            $table->index('board_id');
        });
    }

    public function down(): void
    {
        foreach (['board_defects', 'board_readings', 'boards'] as $table) {
            Schema::drop($table);
        }
    }
};
