<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use App\Pages\Specification\OutlineLine;
use App\Pages\Specification\OutlinesProps;
use App\Support\Kept;
use Regimen\Drawing\Shape;
use Regimen\Drawing\View;
use Regimen\Geometry\Polygon;
use Regimen\Instrument\Body\BodyOutline;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Instrument\Shape\Outlines;
use Regimen\Units\Words;

/** The house's body outlines side by side, as wide as a guitar's body usually is and all at one scale. */
final class OutlinesPage
{
    public static function page(): OutlinesProps
    {
        return Kept::of('outlines', '', self::drawn(...));
    }

    private static function drawn(): OutlinesProps
    {
        $body = SpecificationReader::read([])->orFail()->bodywork;
        $width = $body->bodyWidth->mm;
        $bodies = [];
        foreach (BodyOutline::cases() as $outline) {
            if ($outline !== BodyOutline::Imported) {
                $bodies[$outline->value] = Outlines::of($outline, $width);
            }
        }
        $longest = max(array_map(static fn (Polygon $drawn): float => $drawn->along()->length(), $bodies));

        return new OutlinesProps(
            width: Words::mm($width, 0).' ('.Words::inches($width).')',
            outlines: array_map(
                static fn (string $name, Polygon $drawn): OutlineLine => new OutlineLine(
                    name: $name,
                    drawing: Drawings::view(
                        new View($name, ucfirst($name), [
                            Shape::closed($drawn->points, 'outline', 'line', $body->layers[0]->timber->colour, 'body'),
                            Shape::line($drawn->along()->from, 0.0, $drawn->along()->to, 0.0, 'centre', 'hidden'),
                        ]),
                    ),
                    share: $drawn->along()->length() / $longest,
                    length: self::length($drawn->along()->length()),
                    area: Words::number($drawn->area() / 100, 0).' cm²',
                    perimeter: self::length($drawn->perimeter()),
                    isSymmetric: $drawn->asymmetry() < 0.5,
                ),
                array_keys($bodies), array_values($bodies),
            ),
        );
    }

    private static function length(float $mm): string
    {
        return Words::mm($mm, 0).' ('.Words::inches($mm).')';
    }
}
