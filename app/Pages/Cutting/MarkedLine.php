<?php

declare(strict_types=1);

namespace App\Pages\Cutting;

use App\Pages\Stores\DefectLine;

/** A board with pieces marked on it. Lengths in mm. */
final readonly class MarkedLine
{
    /**
     * @param  list<DefectLine>  $defects
     * @param  list<LaidLine>  $laid
     * @param  list<SawLine>  $cuts  in the order in which they are sawn
     * @param  list<string>  $order  the same in words
     * @param  list<OffcutLine>  $offcuts  with what is left of its thickness
     * @param  float  $trim  off each end
     * @param  int  $usedPercent  of its face
     * @param  int  $keptPercent  in offcuts
     * @param  list<CutCost>  $costs  of what it serves, where the viewer sees money
     * @param  string  $settling  whether it can be cut yet
     */
    public function __construct(
        public int $board,
        public int $version,
        public string $name,
        public string $size,
        public string $colour,
        public float $length,
        public float $width,
        public float $trim,
        public array $defects,
        public array $laid,
        public array $cuts,
        public array $order,
        public array $offcuts,
        public int $usedPercent,
        public int $keptPercent,
        public array $costs,
        public string $settling,
    ) {
    }
}
