<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Letters to clients, as they were sent. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('letters', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->foreignId('client_id')->nullable()->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->string('kind');
            $table->string('mailed_to');
            $table->string('subject');
            $table->text('body');
            $table->index('build_id');
        });
    }

    public function down(): void
    {
        Schema::drop('letters');
    }
};
