<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Pictures that come with an enquiry. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('photographs', static function (Blueprint $table): void {
            $table->unsignedBigInteger('enquiry_id')->nullable()->index();
        });
    }

    public function down(): void
    {
        DB::statement('DROP INDEX IF EXISTS photographs_enquiry_id_index');
        Schema::table('photographs', static fn (Blueprint $table) => $table->dropColumn('enquiry_id'));
    }
};
