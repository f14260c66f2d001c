<?php

declare(strict_types=1);

namespace Regimen\Tests\Drawing;

use Regimen\Drawing\Shape;
use Regimen\Drawing\View;

/** What the tests of this subject share. */
trait DrawnViews
{
    /** @return list<Shape> */
    private static function styled(View $view, string $style): array
    {
        return array_values(array_filter($view->shapes, static fn (Shape $shape): bool => $shape->style === $style));
    }

    /** @return list<Shape> */
    private static function onLayer(View $view, string $layer): array
    {
        return array_values(array_filter($view->shapes, static fn (Shape $shape): bool => $shape->layer === $layer));
    }

    /** @return list<string> */
    private static function words(View $view): array
    {
        return array_values(array_map(
            static fn (Shape $shape): string => $shape->words,
            array_filter($view->shapes, static fn (Shape $shape): bool => $shape->kind === Shape::WORDS),
        ));
    }
}
