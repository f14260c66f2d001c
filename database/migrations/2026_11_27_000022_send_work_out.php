<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Work that is done elsewhere: by whom, for how much, when it went and when it came back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sent_works', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->foreignId('operation_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('supplier_id')->constrained();
            $table->foreignId('route_change_id')->constrained();
            $table->foreignId('kit_line_id')->nullable()->constrained()->nullOnDelete();
            $table->string('what');
            $table->text('note');
            $table->unsignedInteger('cost_minor');
            $table->unsignedInteger('lead_days');
            $table->date('ordered_on');
            $table->date('dispatched_on')->nullable();
            $table->date('expected_on')->nullable();
            $table->date('returned_on')->nullable();
            $table->string('checked')->default('');
            $table->dateTime('called_off_at')->nullable();
            $table->foreignId('person_id')->constrained();
            $table->dateTime('at');
            $table->unsignedInteger('version')->default(1);
            $table->index(['returned_on', 'called_off_at']);
        });
        Schema::table('operations', static function (Blueprint $table): void {
            $table->boolean('is_away')->default(false);
        });
    }

    public function down(): void
    {
        Schema::drop('sent_works');
        Schema::table('operations', static function (Blueprint $table): void {
            $table->dropColumn('is_away');
        });
    }
};
