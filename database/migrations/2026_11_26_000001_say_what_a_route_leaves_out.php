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
        Schema::table('builds', function (Blueprint $table): void {
            $table->string('route_lacks')->default('');
        });
        $this->fillRoutes();
        $this->mergeNutTolerances();
    }

    /** Builds that were taken before: a box has no operations of its own. */
    private function fillRoutes(): void
    {
        foreach (DB::table('specification_revisions')->orderBy('number')->get(['build_id', 'client', 'house']) as $revision) {
            $said = [...(array) json_decode((string) $revision->house, true), ...(array) json_decode((string) $revision->client, true)];
            DB::table('builds')->where('id', $revision->build_id)->update(['route_lacks' => ($said['body'] ?? '') === 'flat-top' ? 'bracing, bending and closing the body' : '']);
        }
    }

    /** Two limits over the first fret became one plus and minus round the figure that the strings should have there. */
    private function mergeNutTolerances(): void
    {
        foreach (DB::table('shops')->get(['id', 'tolerances']) as $shop) {
            $own = (array) json_decode((string) $shop->tolerances, true);
            if (isset($own['nut-least']) || isset($own['nut-most'])) {
                $own['nut'] = round(((float) ($own['nut-most'] ?? 0.5) - (float) ($own['nut-least'] ?? 0.3)) / 2, 3);
                unset($own['nut-least'], $own['nut-most']);
                DB::table('shops')->where('id', $shop->id)->update(['tolerances' => json_encode($own, JSON_THROW_ON_ERROR)]);
            }
        }
    }

    public function down(): void
    {
        Schema::table('builds', static fn (Blueprint $table) => $table->dropColumn('route_lacks'));
    }
};
