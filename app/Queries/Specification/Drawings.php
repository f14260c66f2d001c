<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use Regimen\Drawing\FrontView;
use Regimen\Drawing\Shape;
use Regimen\Drawing\View;
use Regimen\Figures\Workings;
use Regimen\Formats\Drawings\SvgFile;
use Regimen\Instrument\Reading\ReadSpecification;

/** Instruments as the pages draw them. */
final class Drawings
{
    /** @return array<string, mixed> the instrument in small, for lists and sheets */
    public static function of(ReadSpecification $read): array
    {
        return self::view(FrontView::small(Workings::from($read)), 1, 6.0);
    }

    /**
     * @param  float  $margin  around everything that is drawn, in mm
     * @return array<string, mixed>
     */
    public static function view(View $view, int $decimals = 2, float $margin = 3.0): array
    {
        $along = $view->along();
        $across = $view->across();
        $number = static fn (float $mm): float => round($mm, $decimals) + 0.0;

        return [
            'key' => $view->key,
            'title' => $view->title,
            'box' => [
                $number($along->from - $margin), $number($across->from - $margin),
                $number($along->length() + 2 * $margin), $number($across->length() + 2 * $margin),
            ],
            'shapes' => array_map(static fn (Shape $shape): array => self::shape($shape, $decimals), $view->shapes),
        ];
    }

    /** @return array<string, mixed> */
    private static function shape(Shape $shape, int $decimals): array
    {
        $at = $shape->points[0];
        $place = static fn (float $mm): float => round($mm, $decimals) + 0.0;
        $look = array_filter(['style' => $shape->style, 'fill' => $shape->fill, 'part' => $shape->part]);

        return $look + match ($shape->kind) {
            Shape::CIRCLE => ['x' => $place($at->x), 'y' => $place($at->y), 'r' => $place($shape->radius)],
            Shape::WORDS => [
                'x' => $place($at->x), 'y' => $place($at->y), 'words' => $shape->words, 'anchor' => $shape->anchor,
                'size' => $shape->size,
            ],
            default => ['d' => SvgFile::path($shape, $decimals)],
        };
    }
}
