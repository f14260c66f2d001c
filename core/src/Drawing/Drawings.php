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
            FrontView::draw($workings),
            SideView::draw($workings),
            SectionsView::draw($workings),
            ...$workings->specification->isBox() ? [BoxViews::top($workings), BoxViews::section($workings)] : [LayersView::draw($workings)],
            HeadView::draw($workings),
            BoardView::draw($workings),
        ];
    }

    /** @return array<string, View> by the name of the file, without words and fills */
    public static function templates(Workings $workings): array
    {
        return [
            'fretboard' => BoardView::draw($workings)->template(),
            'headstock' => HeadView::draw($workings)->template(),
            'neck-side' => SideView::neckOf($workings)->template(),
            'body' => BodyTemplate::draw($workings)->template(),
            ...$workings->specification->isBox() ? ['top' => BoxViews::top($workings)->template()] : [],
        ];
    }
}
