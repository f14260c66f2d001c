<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

// What is looked up in tables that grow with the years.
return new class extends Migration
{
    private const INDEXES = [
        'operations' => ['standard', 'tool', 'labour_done_at'],
        'kit_lines' => ['arrived_on'],
        'days_off' => ['person_id', 'date'],
        'overtimes' => ['person_id', 'to'],
        'plan_helps' => ['state'],
        'planned_finishes' => ['plan_id'],
    ];

    public function up(): void
    {
        foreach (self::INDEXES as $table => $columns) {
            Schema::table($table, static fn (Blueprint $blueprint) => $blueprint->index($columns));
        }
    }

    public function down(): void
    {
        foreach (self::INDEXES as $table => $columns) {
            Schema::table($table, static fn (Blueprint $blueprint) => $blueprint->dropIndex($columns));
        }
    }
};
