<?php

declare(strict_types=1);

namespace Regimen\Geometry;

/**
 * What something takes of a body seen from above, from which face and how deep; mm from the nut and off the centre
 * line.
 */
final readonly class Footprint
{
    public function __construct(
        public string $name,
        public Interval $along,
        public Interval $across,
        public float $depth,
        public bool $fromBack,
    ) {
    }

    public static function around(
        string $name,
        Point $middle,
        float $length,
        float $width,
        float $depth,
        bool $fromBack,
    ): self {
        return new self(
            $name, new Interval($middle->x - $length / 2, $middle->x + $length / 2),
            new Interval($middle->y - $width / 2, $middle->y + $width / 2), $depth, $fromBack,
        );
    }

    public function middle(): Point
    {
        return new Point(($this->along->from + $this->along->to) / 2, ($this->across->from + $this->across->to) / 2);
    }

    public function at(Point $middle): self
    {
        return self::around(
            $this->name, $middle, $this->along->length(), $this->across->length(), $this->depth, $this->fromBack,
        );
    }

    public function shallower(float $depth): self
    {
        return new self($this->name, $this->along, $this->across, $depth, $this->fromBack);
    }

    /**
     * Timber between two: beside each other where both are cut from one face or do not lie over each other, else
     * between their floors; less than zero where they meet.
     */
    public function timberTo(self $other, float $body): float
    {
        $beside = -min($this->along->overlap($other->along), $this->across->overlap($other->across));

        return $beside >= 0.0 || $this->fromBack === $other->fromBack
            ? $beside
            : max($beside, $body - $this->depth - $other->depth);
    }

    /**
     * Its corners and points along its sides, no farther apart than the step.
     *
     * @return list<Point>
     */
    public function rim(float $step = 20.0): array
    {
        $points = [];
        $steps = static fn (float $length): int => max(1, (int) ceil($length / $step));
        for ($index = 0, $count = $steps($this->along->length()); $index <= $count; $index++) {
            $x = $this->along->from + $this->along->length() * $index / $count;
            array_push($points, new Point($x, $this->across->from), new Point($x, $this->across->to));
        }
        for ($index = 1, $count = $steps($this->across->length()); $index < $count; $index++) {
            $y = $this->across->from + $this->across->length() * $index / $count;
            array_push($points, new Point($this->along->from, $y), new Point($this->along->to, $y));
        }

        return $points;
    }
}
