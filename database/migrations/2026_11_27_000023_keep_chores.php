<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The shop's own recurring work; the next time of each stands in its person's days as upkeep. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('chores', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->foreignId('person_id')->constrained('people');
            $table->unsignedInteger('every_days');
            $table->unsignedInteger('minutes');
            $table->date('due_on');
            $table->date('done_on')->nullable();
            $table->foreignId('day_off_id')->nullable()->constrained('days_off')->nullOnDelete();
            $table->dateTime('ended_at')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->index('ended_at');
        });
    }

    public function down(): void
    {
        Schema::drop('chores');
    }
};
