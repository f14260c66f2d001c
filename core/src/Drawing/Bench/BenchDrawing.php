<?php

declare(strict_types=1);

namespace Regimen\Drawing\Bench;

use Regimen\Drawing\View;
use Regimen\Geometry\Point;

/** A piece as one operation needs it, and where on it is measured. */
final readonly class BenchDrawing
{
    /** @param  array<string, Point>  $marks  by line and place of the gate, `pocket-depth|` */
    public function __construct(public View $view, public array $marks)
    {
    }
}
