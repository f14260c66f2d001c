<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Figures\Workings;

/** All views of an instrument, and the templates that go out to the bench. */
final class Drawings
{
    /** @return list<View> */
    public static function views(Workings $workings): array
    {
        return [
            FrontView::of($workings), SideView::of($workings), SectionsView::of($workings), LayersView::of($workings),
            HeadView::of($workings), BoardView::of($workings),
        ];
    }

    /** @return array<string, View> by the name of the file, without words and fills */
    public static function templates(Workings $workings): array
    {
        return [
            'fretboard' => BoardView::of($workings)->template(),
            'headstock' => HeadView::of($workings)->template(),
            'neck-side' => SideView::neckOf($workings)->template(),
            'body' => BodyTemplate::of($workings)->template(),
        ];
    }
}
