<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use App\Models\Build\SpecificationRevision;
use App\Models\House\HouseModel;
use App\Pages\Worked\Drawing;
use App\Pages\Worked\Shape;
use App\Planning\Specification\Revisions;
use App\Support\Kept;
use Regimen\Drawing\FrontView;
use Regimen\Drawing\Shape as DrawnShape;
use Regimen\Drawing\View;
use Regimen\Figures\Workings;
use Regimen\Formats\Drawings\SvgFile;
use Regimen\Instrument\Reading\HouseDefaults;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationReader;

/** Instruments as the pages draw them. */
final class Drawings
{
    public static function of(ReadSpecification $read): Drawing
    {
        return self::view(FrontView::small(Workings::from($read)), 1, 6.0);
    }

    /** How a kept revision is named and drawn in lists; worked out once for it. */
    public static function ofRevision(SpecificationRevision $revision): DrawnInstrument
    {
        return Kept::of(
            'instrument', $revision->text(),
            static function () use ($revision): DrawnInstrument {
                $read = Revisions::read($revision);

                return new DrawnInstrument($read->orFail()->inOneLine(), self::of($read));
            },
        );
    }

    /** The same of a house model; null where it can no longer be read. */
    public static function ofModel(HouseModel $model): ?DrawnInstrument
    {
        return Kept::of('model', (string) $model->getRawOriginal('body'), static function () use ($model): ?DrawnInstrument {
            $read = SpecificationReader::read([], HouseDefaults::under($model->body));

            return $read->specification === null ? null : new DrawnInstrument($read->specification->inOneLine(), self::of($read));
        });
    }

    /**
     * @param  float  $margin  around everything that is drawn, in mm
     */
    public static function view(View $view, int $decimals = 2, float $margin = 3.0): Drawing
    {
        $along = $view->along();
        $across = $view->across();
        $number = static fn (float $mm): float => round($mm, $decimals) + 0.0;

        return new Drawing(
            key: $view->key,
            title: $view->title,
            box: [
                $number($along->from - $margin), $number($across->from - $margin),
                $number($along->length() + 2 * $margin), $number($across->length() + 2 * $margin),
            ],
            shapes: array_map(static fn (DrawnShape $shape): Shape => self::shape($shape, $decimals), $view->shapes),
        );
    }

    private static function shape(DrawnShape $shape, int $decimals): Shape
    {
        $at = $shape->points[0];
        $place = static fn (float $mm): float => round($mm, $decimals) + 0.0;
        $look = [$shape->style, $shape->fill === '' ? null : $shape->fill, $shape->part === '' ? null : $shape->part];

        return match ($shape->kind) {
            DrawnShape::CIRCLE => new Shape(
                ...$look, x: $place($at->x), y: $place($at->y), r: $place($shape->radius),
            ),
            DrawnShape::WORDS => new Shape(
                ...$look, x: $place($at->x), y: $place($at->y), words: $shape->words, anchor: $shape->anchor,
                size: $shape->size,
            ),
            default => new Shape(...$look, d: SvgFile::path($shape, $decimals)),
        };
    }
}
