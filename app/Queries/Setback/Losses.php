<?php

declare(strict_types=1);

namespace App\Queries\Setback;

use App\Models\Build\Build;
use App\Models\Setback\Setback;
use Illuminate\Support\Facades\DB;

/**
 * What setbacks have cost: hours that were worked on what was spoiled, hours of mending, and timber and parts. None of it is in the cost of
 * a build.
 */
final class Losses
{
    /** @return array<int, array{minutes: int, labour: int}> by setback */
    public static function bySetback(?Build $build = null): array
    {
        $of = $build === null ? '' : ' WHERE s.build_id = '.$build->id;
        $rows = DB::select(
            'SELECT id, sum(minutes) AS minutes, sum(labour) AS labour FROM ('
            .'SELECT s.id, t.minutes, t.minutes * t.rate_minor / 60.0 AS labour FROM setbacks s JOIN time_entries t ON t.setback_id = s.id AND t.struck_at IS NULL AND t.minutes IS NOT NULL'.$of
            .' UNION ALL '
            .'SELECT s.id, t.minutes, t.minutes * t.rate_minor / 60.0 FROM setbacks s JOIN operations o ON o.setback_id = s.id '
            .'JOIN time_entries t ON t.operation_id = o.id AND t.setback_id IS NULL AND t.struck_at IS NULL AND t.minutes IS NOT NULL'.$of
            .') GROUP BY id',
        );
        $losses = [];
        foreach ($rows as $row) {
            $losses[(int) $row->id] = ['minutes' => (int) $row->minutes, 'labour' => (int) round((float) $row->labour)];
        }

        return $losses;
    }

    /** @return array{minutes: int, labour: int, material: int} of one */
    public static function of(Setback $setback): array
    {
        $labour = self::bySetback($setback->build)[$setback->id] ?? ['minutes' => 0, 'labour' => 0];

        return [...$labour, 'material' => $setback->lost_material_minor];
    }
}
