<?php

declare(strict_types=1);

namespace Regimen\Figures;

/** Every figure of a specification. */
final class FigureBook
{
    /** @return list<FigureSource> */
    private static function sources(): array
    {
        return [
            new BoardFigures, new NeckFigures, new StringFigures, new BridgeFigures, new BodyFigures, new BoxFigures, new TimberFigures,
            new ElectricFigures,
        ];
    }

    /** @return list<Figure> */
    public static function figures(Workings $workings): array
    {
        $figures = [];
        foreach (self::sources() as $source) {
            foreach ($source->figures($workings) as $figure) {
                $figures[] = $figure;
            }
        }

        return $figures;
    }
}
