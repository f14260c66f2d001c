<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Geometry\Polygon;
use Regimen\Geometry\Svg\SvgOutline;
use Regimen\Instrument\Body\BodyOutline;
use Regimen\Instrument\Brief\Hand;
use Regimen\Instrument\Specification;
use Regimen\Units\Term;
use Regimen\Units\UnreadableFile;

/** The body in its place under the strings (CALCULATIONS G19), in mm from the nut. */
final readonly class BodyShape
{
    private function __construct(public Polygon $outline, public float $begins)
    {
    }

    public static function from(Specification $s): self
    {
        $width = $s->bodywork->bodyWidth->mm;
        $outline = $s->bodywork->outline === BodyOutline::Imported
            ? self::imported($s->bodywork->outlineSvg, $width)
            : Outlines::of($s->bodywork->outline, $width);
        $outline = $s->brief->hand === Hand::Left ? $outline->mirrored() : $outline;
        $begins = $s->frets()->position($s->joinery->joinFret)->mm;

        return new self($outline->fitted(1.0, $begins - self::neckEnd($outline), 0.0), $begins);
    }

    /** An outline that cannot be read is a finding of its own; until then the house's first one stands in. */
    private static function imported(string $svg, float $width): Polygon
    {
        try {
            return SvgOutline::read($svg, $width)->outline;
        } catch (UnreadableFile) {
            return Outlines::of(BodyOutline::River, $width);
        }
    }

    /** Where the outline crosses the centre line first. */
    private static function neckEnd(Polygon $outline): float
    {
        $crossings = [];
        foreach ($outline->points as $index => $point) {
            $next = $outline->points[($index + 1) % count($outline->points)];
            if (($point->y <= 0) !== ($next->y <= 0)) {
                $crossings[] = $point->x + ($next->x - $point->x) * -$point->y / ($next->y - $point->y);
            }
        }

        return $crossings === [] ? $outline->along()->from : min($crossings);
    }

    /** The front strap button: the outline's foremost point on the bass side, unless the specification says where. */
    public function strapButton(Specification $s): float
    {
        return $s->bodywork->strapButton->mm ?? $this->outline->along()->from;
    }

    /** Binding to buy, with a tenth for the joints, in mm. */
    public function binding(): Term
    {
        return Term::of($this->outline->perimeter(), 0)->scaled(1.1)->note(' + 10 %');
    }
}
