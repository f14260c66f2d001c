<?php

declare(strict_types=1);

namespace App\Queries;

use Regimen\Geometry\InstrumentDrawing;
use Regimen\Instrument\Specification;

/** Instruments as the pages draw them. */
final class Drawings
{
    /** @return array<string, mixed> */
    public static function of(Specification $specification): array
    {
        $drawing = InstrumentDrawing::of($specification);

        return [
            'viewBox' => $drawing->viewBox(),
            'body' => $drawing->body(),
            'neck' => $drawing->neck(),
            'board' => $drawing->board(),
            'frets' => $drawing->frets(),
            'strings' => $drawing->strings(),
            'pickups' => $drawing->pickups(),
            'bridge' => $drawing->bridge(),
            'colours' => [
                'body' => $specification->layers[0]->timber->colour,
                'neck' => $specification->neckTimber->colour,
                'board' => $specification->boardTimber->colour,
            ],
        ];
    }
}
