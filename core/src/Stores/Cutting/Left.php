<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

/** What is left of a board between its cuts, and the sound part of it. */
final readonly class Left
{
    /** How far an outline is pushed on beside a defect at a time, in mm. */
    private const SLIDE = 20.0;

    /** @param  list<Area>  $defects  that lie in it */
    private function __construct(public Face $face, public Area $area, public array $defects)
    {
    }

    public static function of(Face $face, Area $area): self
    {
        return new self($face, $area, array_values(array_filter($face->defects, $area->overlaps(...))));
    }

    /**
     * Where a parcel may lie in it: at its corner, or behind and beside what is cut around; one with outlines also a little further on,
     * so that a knot comes to lie beside them.
     *
     * @return list<Area>
     */
    public function places(Parcel $parcel): array
    {
        [$a, $length, $width] = [$this->area, $parcel->length, $parcel->width];
        $froms = $acrosses = [];
        foreach ([$a->from, ...array_map(static fn (Area $one): float => $one->from + $one->length, $this->defects)] as $from) {
            if ($from >= $a->from && $from + $length <= $a->from + $a->length + 1e-9) {
                $froms[] = $from;
            }
        }
        foreach ([$a->across, ...array_map(static fn (Area $one): float => $one->across + $one->width, $this->defects)] as $across) {
            if ($across >= $a->across && $across + $width <= $a->across + $a->width + 1e-9) {
                $acrosses[] = $across;
            }
        }
        if ($parcel->isOutlined() && $this->defects !== []) {
            for ($from = $a->from + self::SLIDE; $from + $length <= $a->from + $a->length; $from += self::SLIDE) {
                $froms[] = $from;
            }
            $acrosses = [...$acrosses, ...($width <= $a->width ? [$a->across + $a->width - $width] : [])];
        }
        $places = [];
        foreach ($froms as $from) {
            foreach ($acrosses as $across) {
                $place = new Area($from, $across, $length, $width);
                if (! $parcel->hits($from, $across, $this->defects)) {
                    $places[] = $place;
                }
            }
        }

        return $places;
    }

    /** The largest sound rectangle in it that is at least so long and so wide; null where there is none. */
    public function sound(float $leastLength, float $leastWidth): ?Area
    {
        $a = $this->area;
        $begins = [$a->from, ...array_map(static fn (Area $one): float => max($a->from, $one->from + $one->length), $this->defects)];
        $ends = [$a->from + $a->length, ...array_map(static fn (Area $one): float => min($a->from + $a->length, $one->from), $this->defects)];
        $best = null;
        foreach ($begins as $begin) {
            foreach ($ends as $end) {
                if ($end - $begin < $leastLength) {
                    continue;
                }
                $strip = $this->widest($begin, $end);
                if ($strip->width >= $leastWidth && $strip->square() > ($best?->square() ?? 0.0) + 1e-6) {
                    $best = $strip;
                }
            }
        }

        return $best;
    }

    /** The widest sound strip over that stretch. */
    private function widest(float $begin, float $end): Area
    {
        $a = $this->area;
        $within = array_filter($this->defects, static fn (Area $one): bool => $one->from < $end - 1e-9 && $one->from + $one->length > $begin + 1e-9);
        usort($within, static fn (Area $one, Area $two): int => $one->across <=> $two->across);
        $best = new Area($begin, $a->across, $end - $begin, 0.0);
        $edge = $a->across;
        foreach ([...$within, new Area($begin, $a->across + $a->width, 0.0, 0.0)] as $one) {
            if ($one->across - $edge > $best->width) {
                $best = new Area($begin, $edge, $end - $begin, $one->across - $edge);
            }
            $edge = max($edge, $one->across + $one->width);
        }

        return $best;
    }
}
