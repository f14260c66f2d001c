<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When people were told that they would begin is called the announced start. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plan_entries', static fn (Blueprint $table) => $table->renameColumn('told', 'announced_start'));
    }

    public function down(): void
    {
        Schema::table('plan_entries', static fn (Blueprint $table) => $table->renameColumn('announced_start', 'told'));
    }
};
