<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What people were told is called announced; activities of the planner are plain numbers, no longer numbers behind an
 * “o”.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plan_changes', static fn (Blueprint $table) => $table->renameColumn('told', 'announced'));
        $this->rename('plan_changes', 'announced', static fn (string $key): string => ltrim($key, 'o'));
        $this->rename('plan_offers', 'keys', static fn (string $key): string => ltrim($key, 'o'));
    }

    public function down(): void
    {
        $this->rename('plan_offers', 'keys', static fn (string $key): string => "o{$key}");
        $this->rename('plan_changes', 'announced', static fn (string $key): string => "o{$key}");
        Schema::table('plan_changes', static fn (Blueprint $table) => $table->renameColumn('announced', 'told'));
    }

    /** @param  \Closure(string): string  $name */
    private function rename(string $table, string $column, Closure $name): void
    {
        foreach (DB::table($table)->get(['id', $column]) as $row) {
            $renamed = [];
            foreach ((array) json_decode((string) $row->{$column}, true) as $key => $value) {
                $renamed[$name((string) $key)] = $value;
            }
            $json = json_encode((object) $renamed, JSON_THROW_ON_ERROR);
            DB::table($table)->where('id', $row->id)->update([$column => $json]);
        }
    }
};
