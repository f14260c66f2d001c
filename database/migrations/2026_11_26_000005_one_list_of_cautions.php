<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The first of an operation's cautions stood beside the list of them, and nothing read it. */
    public function up(): void
    {
        Schema::table('operations', function (Blueprint $table): void {
            $table->dropColumn('caution');
        });
    }
};
