<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // When an address was last read stands beside the database.
        Schema::table('feeds', static function (Blueprint $table): void {
            $table->dropColumn('read_at');
        });
        foreach (DB::table('scenarios')->get(['id', 'changes']) as $scenario) {
            $changes = json_decode((string) $scenario->changes, true, 64, JSON_THROW_ON_ERROR);
            foreach ($changes as $at => $change) {
                $changes[$at] = ['id' => 12 + $at, ...$change];
            }
            DB::table('scenarios')->where('id', $scenario->id)->update(['changes' => json_encode($changes, JSON_THROW_ON_ERROR)]);
        }
    }

    public function down(): void
    {
        Schema::table('feeds', static function (Blueprint $table): void {
            $table->dateTime('read_at')->nullable();
        });
    }
};
