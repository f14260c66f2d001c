<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What comes before a commission: enquiries, their sketches, quotes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('enquiries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->text('wishes');
            $table->integer('budget_minor')->nullable();
            $table->date('wanted_by')->nullable();
            $table->dateTime('closed_at')->nullable()->index();
            $table->string('closed_because')->default('');
            $table->integer('version')->default(1);
        });
        Schema::create('sketches', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('enquiry_id')->constrained();
            $table->string('name');
            $table->foreignId('model_id')->nullable()->constrained('house_models');
            $table->json('typed');
            $table->integer('version')->default(1);
        });
        Schema::create('quotes', static function (Blueprint $table): void {
            $table->id();
            $table->integer('number');
            $table->integer('edition')->default(1);
            $table->foreignId('enquiry_id')->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->string('state')->index();
            $table->string('what');
            $table->unsignedBigInteger('model_id')->nullable();
            $table->json('typed');
            $table->json('house');
            $table->integer('price_minor');
            $table->integer('tax_permille');
            $table->integer('deposit_minor');
            $table->date('promised_on');
            $table->integer('chance')->nullable();
            $table->date('valid_until');
            $table->text('words');
            $table->text('depends');
            $table->string('accepted_by')->default('');
            $table->string('accepted_how')->default('');
            $table->dateTime('accepted_at')->nullable();
            $table->foreignId('build_id')->nullable()->constrained();
            $table->integer('version')->default(1);
            $table->unique(['number', 'edition']);
        });
        // What was offered is never changed: only what became of it.
        DB::statement("CREATE TRIGGER quotes_stay_as_they_were_given BEFORE UPDATE OF number, edition, enquiry_id, at, what, typed, house, price_minor, tax_permille, deposit_minor, promised_on, valid_until, words, depends ON quotes BEGIN SELECT RAISE(ABORT, 'a quote stays as it was given'); END");
        DB::statement("CREATE TRIGGER quotes_are_never_removed BEFORE DELETE ON quotes BEGIN SELECT RAISE(ABORT, 'a quote stays as it was given'); END");
        Schema::table('shops', static function (Blueprint $table): void {
            $table->boolean('quotes_hold')->default(true);
            $table->integer('tax_permille')->default(0);
            $table->integer('quote_days')->default(30);
            $table->text('quote_words')->default('');
        });
    }

    public function down(): void
    {
        Schema::table('shops', static fn (Blueprint $table) => $table->dropColumn(['quotes_hold', 'tax_permille', 'quote_days', 'quote_words']));
        Schema::drop('quotes');
        Schema::drop('sketches');
        Schema::drop('enquiries');
    }
};
