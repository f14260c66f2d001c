<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Geometry\Interval;

/** A drawing of one side of an instrument, to scale. */
final readonly class View
{
    /** @param  list<Shape>  $shapes  in the order in which they cover each other */
    public function __construct(public string $key, public string $title, public array $shapes)
    {
    }

    public function along(): Interval
    {
        return $this->extent(static fn ($point): float => $point->x, true);
    }

    public function across(): Interval
    {
        return $this->extent(static fn ($point): float => $point->y, false);
    }

    /** @param  \Closure(\Regimen\Geometry\Point): float  $of */
    private function extent(\Closure $of, bool $along): Interval
    {
        $least = INF;
        $most = -INF;
        foreach ($this->shapes as $shape) {
            foreach ($shape->points as $point) {
                [$before, $after] = self::reach($shape, $along);
                $least = min($least, $of($point) - $before);
                $most = max($most, $of($point) + $after);
            }
        }

        return is_finite($least) ? new Interval($least, $most) : new Interval(0.0, 1.0);
    }

    /**
     * @return array{float, float} how far a shape reaches beyond its place; letters are about 0.6 of their height
     *   wide
     */
    private static function reach(Shape $shape, bool $along): array
    {
        if ($shape->kind !== Shape::WORDS) {
            return [$shape->radius, $shape->radius];
        }
        $width = mb_strlen($shape->words) * $shape->size * 0.62;

        return match (true) {
            ! $along => [$shape->size, $shape->size * 0.3],
            $shape->anchor === 'start' => [0.0, $width],
            $shape->anchor === 'end' => [$width, 0.0],
            default => [$width / 2, $width / 2],
        };
    }

    /** What an export takes: no fills, no words, only what is on a layer. */
    public function template(): self
    {
        return new self($this->key, $this->title, array_values(array_map(
            static fn (Shape $shape): Shape => $shape->bare(),
            array_filter(
                $this->shapes,
                static fn (Shape $shape): bool => $shape->layer !== '' && $shape->kind !== Shape::WORDS,
            ),
        )));
    }
}
