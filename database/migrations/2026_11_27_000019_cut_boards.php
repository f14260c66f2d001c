<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is cut from boards: blanks for their builds, and offcuts that are boards themselves. Sizes in tenths of a millimetre. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('boards', static function (Blueprint $table): void {
            // The lot that it is left of, as that was bought.
            $table->foreignId('lot_id')->nullable()->constrained('boards');
            $table->index('lot_id');
        });
        Schema::create('blanks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('board_id')->constrained();
            $table->foreignId('build_id')->constrained();
            $table->foreignId('kit_line_id')->constrained();
            $table->string('key');
            $table->unsignedInteger('length_tenths');
            $table->unsignedInteger('width_tenths');
            $table->unsignedInteger('thickness_tenths');
            $table->unsignedInteger('pieces');
            $table->unsignedInteger('cost_minor');
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            $table->dateTime('freed_at')->nullable();
            $table->index(['build_id', 'freed_at']);
            $table->index('board_id');
        });
        Schema::table('board_readings', static function (Blueprint $table): void {
            $table->foreignId('blank_id')->nullable()->constrained();
            $table->index('blank_id');
        });
        Schema::table('photographs', static function (Blueprint $table): void {
            $table->foreignId('board_id')->nullable()->constrained();
            $table->index('board_id');
        });
    }

    public function down(): void
    {
        foreach (['photographs' => 'board_id', 'board_readings' => 'blank_id'] as $name => $column) {
            Schema::table($name, static function (Blueprint $table) use ($column): void {
                $table->dropIndex([$column]);
                $table->dropConstrainedForeignId($column);
            });
        }
        Schema::drop('blanks');
        Schema::table('boards', static function (Blueprint $table): void {
            $table->dropIndex(['lot_id']);
            $table->dropConstrainedForeignId('lot_id');
        });
    }
};
