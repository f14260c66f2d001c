<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a client is asked to decide, and the private page on which they see how far their instrument is. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('decisions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->foreignId('operation_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->string('question', 500);
            $table->json('options');
            $table->date('last_day');
            $table->date('finish_was')->nullable();
            $table->string('answer', 500)->default('');
            $table->string('answered_by')->default('');
            $table->dateTime('answered_at')->nullable();
            $table->dateTime('withdrawn_at')->nullable();
            $table->integer('version')->default(1);
            $table->index(['build_id', 'answered_at']);
        });
        Schema::create('client_pages', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('build_id')->constrained();
            $table->string('token_hash')->unique();
            $table->text('token');
            $table->foreignId('given_by')->nullable()->constrained('people');
            $table->dateTime('at');
            $table->dateTime('revoked_at')->nullable();
        });
        Schema::table('clients', static function (Blueprint $table): void {
            $table->string('locale')->default('');
        });
        Schema::table('shops', static function (Blueprint $table): void {
            $table->json('client_sees')->default('["stages","photographs","payments"]');
        });
    }

    public function down(): void
    {
        Schema::table('shops', static fn (Blueprint $table) => $table->dropColumn('client_sees'));
        Schema::table('clients', static fn (Blueprint $table) => $table->dropColumn('locale'));
        Schema::drop('client_pages');
        Schema::drop('decisions');
    }
};
