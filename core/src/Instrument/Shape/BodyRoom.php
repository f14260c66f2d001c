<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Geometry\Footprint;
use Regimen\Geometry\Interval;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Instrument\Body\Cavity;
use Regimen\Instrument\Body\CavityKind;
use Regimen\Instrument\Brief\Hand;
use Regimen\Instrument\Electrics\PickupKind;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;

/**
 * What is cut into a body, and where there is room for more: pocket and pickups from the top, cavities from the back.
 */
final readonly class BodyRoom
{
    /** Timber that a cavity's new place keeps to the outline and to its neighbours, in mm; common practice. */
    private const WALL_MM = 6.0;

    /** A pickup's cavity is wider than its strings by so much, in mm; common practice. */
    private const BESIDE_STRINGS_MM = 20.0;

    private const STEP_MM = 7.0;

    private const FARTHEST_MM = 280.0;

    /** @param  array<int, Footprint>  $cavities  by their row; what opens at the side is not among them */
    private function __construct(private Specification $specification, private Polygon $outline, public array $cavities)
    {
    }

    public static function from(Specification $s, BodyShape $body): self
    {
        $cavities = [];
        foreach ($s->bodywork->cavities as $index => $cavity) {
            if ($cavity->kind !== CavityKind::Jack) {
                $cavities[$index] = self::footprint($s, $cavity);
            }
        }

        return new self($s, $body->outline->simplified(0.3), $cavities);
    }

    private static function footprint(Specification $s, Cavity $cavity): Footprint
    {
        $middle = new Point($s->middleScale()->mm + $cavity->behind->mm, self::side($s) * $cavity->across->mm);

        return Footprint::around(
            "{$cavity->kind->words()} cavity", $middle, $cavity->length->mm, $cavity->width->mm, $cavity->depth->mm,
            true,
        );
    }

    /** A new cavity at its usual place, before room is looked for. */
    public function wanted(
        CavityKind $kind,
        float $length,
        float $width,
        float $depth,
        float $behind,
        float $across,
    ): Footprint {
        return Footprint::around(
            "{$kind->words()} cavity",
            new Point($this->specification->middleScale()->mm + $behind, self::side($this->specification) * $across),
            $length, $width, $depth, true,
        );
    }

    /** @return list<Footprint> pocket and pickups */
    public function fromTop(): array
    {
        $s = $this->specification;
        $begins = $s->frets()->position($s->joinery->joinFret)->mm;
        $cut = $s->joinery->joint === NeckJoint::Through ? [] : [
            new Footprint(
                'neck pocket',
                new Interval($begins, $begins + $s->joinery->pocketLength->mm),
                new Interval(-$s->joinery->pocketWidth->mm / 2, $s->joinery->pocketWidth->mm / 2),
                $s->joinery->pocketDepth->mm,
                false,
            ),
        ];
        foreach ($s->electrics->pickups as $pickup) {
            if ($pickup->kind !== PickupKind::Piezo) {
                $cut[] = Footprint::around(
                    "{$pickup->place} pickup", new Point($s->middleScale()->mm - $pickup->positionMm(), 0.0),
                    $pickup->kind->lengthMm(), $s->stringing->bridgeSpread->mm + self::BESIDE_STRINGS_MM,
                    $pickup->depth->mm, false,
                );
            }
        }

        return $cut;
    }

    /** The thinnest wall to the outline, in mm; less than zero where it breaks out. */
    public function wall(Footprint $cut): float
    {
        $wall = INF;
        foreach ($cut->rim() as $point) {
            $wall = min($wall, $this->outline->distanceTo($point) * ($this->outline->contains($point) ? 1 : -1));
        }

        return $wall;
    }

    /**
     * The place nearest to where it is that keeps walls to the outline and to everything else; null if there is none.
     *
     * @param  int|null  $row  of the cavity itself, among the cavities
     */
    public function placeFor(Footprint $cut, ?int $row): ?Point
    {
        $others = [
            ...array_values(array_diff_key($this->cavities, $row === null ? [] : [$row => true])),
            ...$this->fromTop(),
        ];
        $from = $cut->middle();
        for ($away = 0.0; $away <= self::FARTHEST_MM; $away += self::STEP_MM) {
            $directions = $away === 0.0 ? 1 : 16;
            for ($direction = 0; $direction < $directions; $direction++) {
                $angle = 2 * M_PI * $direction / $directions;
                $moved = $cut->at(
                    new Point(round($from->x + $away * cos($angle), 1), round($from->y + $away * sin($angle))),
                );
                if (
                    $this->isClear($moved, $others)
                    && $this->isAcross($moved)
                    && $this->wall($moved) >= self::WALL_MM
                ) {
                    return $moved->middle();
                }
            }
        }

        return null;
    }

    /** @param  list<Footprint>  $others */
    private function isClear(Footprint $cut, array $others): bool
    {
        foreach ($others as $other) {
            if ($cut->timberTo($other, $this->specification->bodyThickness()->mm) < self::WALL_MM) {
                return false;
            }
        }

        return true;
    }

    /** Whether it lies within the outline's reach at its two ends: quicker than its walls. */
    private function isAcross(Footprint $cut): bool
    {
        foreach ([$cut->along->from, $cut->along->to] as $x) {
            $across = $this->outline->acrossAt($x);
            if ($across === null || $across->from > $cut->across->from || $across->to < $cut->across->to) {
                return false;
            }
        }

        return true;
    }

    /**
     * A place as it is typed into a cavity's row.
     *
     * @return array<string, string>
     */
    public function typed(int $row, Point $place): array
    {
        $number = static fn (float $mm): string => round($mm, 1).' mm';

        return [
            "cavities.{$row}.behind" => $number($place->x - $this->specification->middleScale()->mm),
            "cavities.{$row}.across" => $number(self::side($this->specification) * $place->y),
        ];
    }

    private static function side(Specification $s): float
    {
        return $s->brief->hand === Hand::Left ? -1.0 : 1.0;
    }
}
