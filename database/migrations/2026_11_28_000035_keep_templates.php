<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Templates and single-use jigs with their checks, uses and files; bits with the metres they have cut. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('bits', static function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->integer('cut')->default(0);
            $table->integer('most');
            $table->string('sharpened_on')->nullable();
            $table->integer('version')->default(1);
        });
        Schema::create('templates', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('shape')->nullable();
            $table->foreignId('build_id')->nullable()->constrained();
            $table->integer('revision')->nullable();
            $table->text('client')->nullable();
            $table->text('house')->nullable();
            $table->string('made_of')->default('');
            $table->string('place')->default('');
            $table->foreignId('bit_id')->nullable()->constrained('bits');
            $table->string('state')->default('good');
            $table->string('damage')->default('');
            $table->dateTime('damaged_at')->nullable();
            $table->dateTime('at');
            $table->foreignId('person_id')->constrained('people');
            $table->integer('version')->default(1);
        });
        Schema::create('template_checks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('template_id')->constrained();
            $table->foreignId('person_id')->constrained('people');
            $table->dateTime('at');
            $table->boolean('good');
            $table->string('words')->default('');
        });
        Schema::create('template_uses', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('template_id')->constrained();
            $table->foreignId('build_id')->constrained();
            $table->foreignId('person_id')->constrained('people');
            $table->dateTime('at');
            $table->integer('cut')->default(0);
        });
        Schema::create('template_files', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('template_id')->constrained();
            $table->foreignId('person_id')->constrained('people');
            $table->dateTime('at');
            $table->string('name');
            $table->integer('bytes');
            $table->string('sha256');
            $table->longText('content');
            $table->unique(['template_id', 'sha256']);
        });
        Schema::table('photographs', static fn (Blueprint $table) => $table->foreignId('template_id')->nullable()->constrained());
    }

    public function down(): void
    {
        Schema::table('photographs', static function (Blueprint $table): void {
            $table->dropForeign(['template_id']);
            $table->dropColumn('template_id');
        });
        foreach (['template_files', 'template_uses', 'template_checks', 'templates', 'bits'] as $table) {
            Schema::drop($table);
        }
    }
};
