<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which papers are on file for the protected timber and shell of an instrument. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('builds', static function (Blueprint $table): void {
            $table->string('papers')->default('');
        });
    }

    public function down(): void
    {
        Schema::table('builds', static function (Blueprint $table): void {
            $table->dropColumn('papers');
        });
    }
};
