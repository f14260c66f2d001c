<?php

declare(strict_types=1);

namespace Regimen\Formats\Drawings;

use Regimen\Drawing\Shape;
use Regimen\Drawing\View;
use Regimen\Geometry\Point;

/** A view as an SVG 1.1 document in millimetres at 1:1, a group for each layer. */
final class SvgFile
{
    private const MARGIN_MM = 10.0;

    private const STROKES = [
        'hidden' => ['0.15', '#6b6455', '2 1.5'], 'thin' => ['0.15', '#22201b', ''],
        'string' => ['0.15', '#22201b', ''], 'fret' => ['0.15', '#22201b', ''],
    ];

    public static function write(View $view): string
    {
        $along = $view->along();
        $across = $view->across();
        $width = round($along->length() + 2 * self::MARGIN_MM, 3);
        $height = round($across->length() + 2 * self::MARGIN_MM, 3);
        $layers = [];
        foreach ($view->shapes as $shape) {
            $layers[$shape->layer === '' ? 'shown' : $shape->layer][] = '    '.self::element($shape);
        }
        $groups = '';
        foreach ($layers as $layer => $elements) {
            $groups .= "  <g id=\"{$layer}\">\n".implode("\n", $elements)."\n  </g>\n";
        }

        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
            ."<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" width=\"{$width}mm\" height=\"{$height}mm\" "
            .'viewBox="'.round($along->from - self::MARGIN_MM, 3).' '.round($across->from - self::MARGIN_MM, 3)
            ." {$width} {$height}\">\n"
            .'  <title>'.self::escaped($view->title)."</title>\n{$groups}</svg>\n";
    }

    private static function element(Shape $shape): string
    {
        [$width, $stroke, $dashes] = self::STROKES[$shape->style] ?? ['0.25', '#22201b', ''];
        $look = "fill=\"none\" stroke=\"{$stroke}\" stroke-width=\"{$width}\""
            .($dashes === '' ? '' : " stroke-dasharray=\"{$dashes}\"");
        $first = $shape->points[0];

        return match ($shape->kind) {
            Shape::CIRCLE => '<circle cx="'.self::mm($first->x).'" cy="'.self::mm($first->y).'" r="'
                .self::mm($shape->radius)."\" {$look}/>",
            Shape::WORDS => '<text x="'.self::mm($first->x).'" y="'.self::mm($first->y).'" font-size="'
                .self::mm($shape->size)."\" text-anchor=\"{$shape->anchor}\">".self::escaped($shape->words).'</text>',
            default => '<path d="'.self::path($shape)."\" {$look}/>",
        };
    }

    /** `M0 0 L10 0 Z`, to a thousandth of a millimetre. */
    public static function path(Shape $shape, int $decimals = 3): string
    {
        $points = array_map(
            static fn (Point $point): string => self::mm($point->x, $decimals).' '.self::mm($point->y, $decimals),
            $shape->points,
        );

        return 'M'.implode(' L', $points).($shape->closed ? ' Z' : '');
    }

    private static function mm(float $value, int $decimals = 3): string
    {
        return (string) (round($value, $decimals) + 0.0);
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_XML1 | ENT_QUOTES);
    }
}
