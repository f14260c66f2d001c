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
        $this->nameParts();
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

    /** Hardware and timber stood in one group each, so that a late strap button held up the nut: each part is its own now. */
    private function nameParts(): void
    {
        $groups = ['%tuner%' => 'tuners', '%bridge%' => 'bridge', '%nut blank%' => 'nut', '%strap button%' => 'strap-buttons', '%' => 'neck-screws'];
        foreach ($groups as $name => $group) {
            DB::table('kit_lines')->where('group', 'hardware')->where('name', 'like', $name)->update(['group' => $group]);
        }
        foreach (['%for the neck' => 'neck-timber', '%fretboard blank' => 'fretboard-timber', '%' => 'body-timber'] as $name => $group) {
            DB::table('kit_lines')->where('group', 'timber')->where('name', 'like', $name)->update(['group' => $group]);
        }
        $needs = ['parts.timber' => ['neck-timber', 'fretboard-timber', 'body-timber'], 'neck.laminate' => ['neck-timber'], 'joint.screws' => ['neck-screws'], 'set-up.nut' => ['nut'], 'assembly.hardware' => ['tuners', 'bridge', 'strap-buttons'], 'parts.measure' => ['tuners', 'bridge', 'pickups', 'electronics', 'truss-rod'], 'neck.tuner-holes' => ['tuners'], 'joint.bridge' => ['bridge']];
        foreach ($needs as $key => $parts) {
            DB::table('operations')->where('key', $key)->update(['needs' => json_encode($parts, JSON_THROW_ON_ERROR)]);
        }
    }

    public function down(): void
    {
        Schema::table('builds', static fn (Blueprint $table) => $table->dropColumn('route_lacks'));
    }
};
