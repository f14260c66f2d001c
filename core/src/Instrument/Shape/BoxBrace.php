<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Geometry\Point;

/** One brace on the inside of a plate, from end to end in mm from the nut. */
final readonly class BoxBrace
{
    public function __construct(public string $name, public Point $from, public Point $to, public float $height, public float $width)
    {
    }

    public function length(): float
    {
        return $this->from->distanceTo($this->to);
    }

    /** How near its middle line comes to a place. */
    public function distanceTo(Point $at): float
    {
        $length = max(1e-9, $this->length());
        $share = (($at->x - $this->from->x) * ($this->to->x - $this->from->x) + ($at->y - $this->from->y) * ($this->to->y - $this->from->y)) / $length ** 2;
        $share = max(0.0, min(1.0, $share));

        return $at->distanceTo(new Point($this->from->x + $share * ($this->to->x - $this->from->x), $this->from->y + $share * ($this->to->y - $this->from->y)));
    }

    /** @return list<Point> its four corners, seen from above */
    public function corners(): array
    {
        $length = max(1e-9, $this->length());
        $x = -($this->to->y - $this->from->y) / $length * $this->width / 2;
        $y = ($this->to->x - $this->from->x) / $length * $this->width / 2;

        return [$this->from->moved($x, $y), $this->to->moved($x, $y), $this->to->moved(-$x, -$y), $this->from->moved(-$x, -$y)];
    }
}
