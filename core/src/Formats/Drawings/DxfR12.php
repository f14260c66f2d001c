<?php

declare(strict_types=1);

namespace Regimen\Formats\Drawings;

use Regimen\Drawing\Shape;
use Regimen\Drawing\View;

/**
 * A view as DXF of release 12 (AC1009) in millimetres, a layer for each kind of line: lines, polylines and circles
 * only, which everything reads. The drawing's y points down, that of DXF up, so that it is turned over.
 */
final class DxfR12
{
    private const COLOURS = [
        'outline' => 7, 'slots' => 1, 'markers' => 3, 'centre' => 5, 'holes' => 6, 'cavities' => 4,
    ];

    public static function write(View $view): string
    {
        $along = $view->along();
        $across = $view->across();
        $layers = array_values(
            array_unique(array_map(static fn (Shape $shape): string => $shape->layer, $view->shapes)),
        );
        $pairs = [
            [0, 'SECTION'], [2, 'HEADER'],
            [9, '$ACADVER'], [1, 'AC1009'],
            [9, '$EXTMIN'], [10, $along->from], [20, -$across->to],
            [9, '$EXTMAX'], [10, $along->to], [20, -$across->from],
            [0, 'ENDSEC'], [0, 'SECTION'], [2, 'TABLES'],
            [0, 'TABLE'], [2, 'LTYPE'], [70, 1], [0, 'LTYPE'], [2, 'CONTINUOUS'], [70, 0], [3, 'Solid line'], [72, 65],
            [73, 0], [40, 0.0], [0, 'ENDTAB'],
            [0, 'TABLE'], [2, 'LAYER'], [70, count($layers)],
        ];
        foreach ($layers as $layer) {
            array_push(
                $pairs, [0, 'LAYER'], [2, strtoupper($layer)], [70, 0], [62, self::COLOURS[$layer] ?? 7],
                [6, 'CONTINUOUS'],
            );
        }
        array_push($pairs, [0, 'ENDTAB'], [0, 'ENDSEC'], [0, 'SECTION'], [2, 'ENTITIES']);
        foreach ($view->shapes as $shape) {
            array_push($pairs, ...self::entity($shape));
        }
        array_push($pairs, [0, 'ENDSEC'], [0, 'EOF']);

        return implode(
            '',
            array_map(
                static fn (array $pair): string => sprintf(
                    "%3d\r\n%s\r\n", $pair[0], is_float($pair[1]) ? number_format($pair[1], 4, '.', '') : $pair[1],
                ),
                $pairs,
            ),
        );
    }

    /** @return list<array{int, string|int|float}> */
    private static function entity(Shape $shape): array
    {
        $layer = strtoupper($shape->layer);
        if ($shape->kind === Shape::CIRCLE) {
            return [
                [0, 'CIRCLE'], [8, $layer], [10, $shape->points[0]->x], [20, -$shape->points[0]->y], [30, 0.0],
                [40, $shape->radius],
            ];
        }
        if (! $shape->closed && count($shape->points) === 2) {
            return [
                [0, 'LINE'], [8, $layer], [10, $shape->points[0]->x], [20, -$shape->points[0]->y], [30, 0.0],
                [11, $shape->points[1]->x], [21, -$shape->points[1]->y], [31, 0.0],
            ];
        }
        $pairs = [[0, 'POLYLINE'], [8, $layer], [66, 1], [70, $shape->closed ? 1 : 0], [10, 0.0], [20, 0.0], [30, 0.0]];
        foreach ($shape->points as $point) {
            array_push($pairs, [0, 'VERTEX'], [8, $layer], [10, $point->x], [20, -$point->y], [30, 0.0]);
        }
        array_push($pairs, [0, 'SEQEND'], [8, $layer]);

        return $pairs;
    }
}
