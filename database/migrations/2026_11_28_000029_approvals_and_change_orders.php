<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a client has approved, and what was agreed to be different since. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('approvals', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->integer('revision');
            $table->string('approved_by');
            $table->string('how');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->unique(['build_id', 'revision']);
        });
        Schema::create('change_orders', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->integer('number');
            $table->integer('revision');
            $table->integer('revision_version');
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->string('state')->index();
            $table->text('what');
            $table->integer('to_do_minutes');
            $table->integer('lost_minutes');
            $table->integer('material_minor');
            $table->integer('price_minor');
            $table->date('promised_on')->nullable();
            $table->json('follows');
            $table->string('accepted_by')->default('');
            $table->string('accepted_how')->default('');
            $table->dateTime('decided_at')->nullable();
            $table->integer('version')->default(1);
            $table->unique(['build_id', 'number']);
        });
        DB::statement("CREATE TRIGGER change_orders_stay_as_they_were_given BEFORE UPDATE OF build_id, number, revision, at, what, to_do_minutes, lost_minutes, material_minor, price_minor, promised_on, follows ON change_orders BEGIN SELECT RAISE(ABORT, 'a change order stays as it was given'); END");
        DB::statement("CREATE TRIGGER change_orders_are_never_removed BEFORE DELETE ON change_orders BEGIN SELECT RAISE(ABORT, 'a change order stays as it was given'); END");
    }

    public function down(): void
    {
        Schema::drop('change_orders');
        Schema::drop('approvals');
    }
};
