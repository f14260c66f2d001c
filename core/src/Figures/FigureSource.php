<?php

declare(strict_types=1);

namespace Regimen\Figures;

/** Works out the figures of one part of an instrument. */
interface FigureSource
{
    /** @return iterable<Figure> */
    public function figures(Workings $workings): iterable;
}
