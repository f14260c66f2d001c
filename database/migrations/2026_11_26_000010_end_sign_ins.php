<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A sign-in counts as long as its person's number is the one that it began with. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('people', static fn (Blueprint $table) => $table->integer('sign_in_epoch')->default(0));
    }

    public function down(): void
    {
        Schema::table('people', static fn (Blueprint $table) => $table->dropColumn('sign_in_epoch'));
    }
};
