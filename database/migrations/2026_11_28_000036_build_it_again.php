<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** After which build another one is made once more. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('builds', static function (Blueprint $table): void {
            $table->foreignId('repeats_id')->nullable()->constrained('builds');
        });
    }

    public function down(): void
    {
        Schema::table('builds', static function (Blueprint $table): void {
            $table->dropForeign(['repeats_id']);
            $table->dropColumn('repeats_id');
        });
    }
};
