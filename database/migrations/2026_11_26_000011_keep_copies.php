<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where copies go, what they are sealed with, and how each one went. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shops', static function (Blueprint $table): void {
            $table->string('backup_folder')->nullable();
            $table->string('backup_key')->nullable();
            $table->string('backup_salt')->nullable();
        });
        Schema::create('copies_made', static function (Blueprint $table): void {
            $table->id();
            $table->dateTime('at')->index();
            $table->boolean('good');
            $table->integer('bytes');
            $table->string('words');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('copies_made');
        Schema::table('shops', static fn (Blueprint $table) => $table->dropColumn(['backup_folder', 'backup_key', 'backup_salt']));
    }
};
