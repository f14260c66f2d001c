<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Geometry\Box;
use Regimen\Geometry\NeckSet;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Instrument\Body\BracingPattern;
use Regimen\Instrument\Brief\Hand;
use Regimen\Instrument\Specification;
use Regimen\Units\Length;

/** The box of a flat-top: its depth, its air, its sound hole and how its top is braced (CALCULATIONS F2, F3), in mm from the nut. */
final readonly class BoxShape
{
    /** A brace ends so far within the outline, where the lining is; common practice. */
    private const WITHIN_MM = 5.0;

    /** From the sound hole's edge to the brace beside it, to the middle of a cross, and from there on; house conventions. */
    private const BESIDE_HOLE_MM = 16.0;

    private const CROSS_BEHIND_MM = 42.0;

    /** How finely the outline is followed where braces end, in mm. */
    private const COARSE_MM = 0.3;

    /** Half the angle between the arms of a cross, and of a fan's outermost braces to the middle, in degrees; common practice. */
    private const CROSS = 47.0;

    private const FAN = [-22.0, -11.0, 0.0, 11.0, 22.0];

    /** @var list<BoxBrace> of the top */
    public array $braces;

    private function __construct(private Specification $specification, public Polygon $outline, private Polygon $coarse)
    {
        $this->braces = $specification->isBox() ? $this->laidOut() : [];
    }

    public static function from(Specification $s): self
    {
        $outline = BodyShape::from($s)->outline;

        return new self($s, $outline, $outline->simplified(self::COARSE_MM));
    }

    /** Plates included; it grows evenly from the neck's end to the tail. */
    public function depthAt(float $x): float
    {
        $along = $this->outline->along();
        $share = max(0.0, min(1.0, ($x - $along->from) / max(1e-9, $along->length())));

        return $this->specification->box->boxDepthNeck->mm + $share * ($this->specification->box->boxDepthTail->mm - $this->specification->box->boxDepthNeck->mm);
    }

    public function plates(): float
    {
        return $this->specification->bodywork->layers[0]->thickness->mm + $this->specification->box->backThickness->mm;
    }

    /** F2: the air within; linings, blocks and braces take a little of it. */
    public function air(): Box
    {
        $box = $this->specification->box;
        $area = $this->outline->area();
        $inside = max(0.01, 1 - $this->outline->perimeter() * $box->sideThickness->mm / $area);
        $least = static fn (float $mm): Length => Length::ofMillimetres(max(0.1, $mm));

        return Box::of($this->outline->fitted(sqrt($inside), 0.0, 0.0), $least($box->boxDepthNeck->mm - $this->plates()), $least($box->boxDepthTail->mm - $this->plates()));
    }

    /** F2: an estimate that lies about a third too high for real boxes. */
    public function resonance(): float
    {
        $radius = Length::ofMillimetres($this->specification->box->soundHole->mm / 2);

        return $this->air()->resonance($radius, $this->specification->bodywork->layers[0]->thickness);
    }

    /** F3 with the saddle that is wanted. */
    public function neckSet(): NeckSet
    {
        $bridge = BridgeHeight::from($this->specification);
        $length = Length::ofMillimetres(...);

        return new NeckSet(
            $this->specification->box->saddleHeight, $length($bridge->action()), $length($this->specification->nutHeight()), $length($bridge->boardAboveTop()->value),
            $this->specification->board->crownHeight, $length(max(1.0, $bridge->fromEdge())),
        );
    }

    public function soundHole(): Point
    {
        return new Point($this->specification->middleScale()->mm - $this->specification->box->soundHoleBefore->mm, 0.0);
    }

    /** By how much the saddle stands askew, so that each string has its compensation, in degrees; the bass end nearer to the tail is above zero. */
    public function saddleSlant(): float
    {
        $line = ScaleLine::from($this->specification);
        $last = $this->specification->brief->strings - 1;

        return rad2deg(atan2($line->saddleAt($last) - $line->saddleAt(0), $this->specification->stringing->bridgeSpread->mm));
    }

    /** @return list<Point> the bridge's corners, seen from above */
    public function bridge(): array
    {
        $box = $this->specification->box;
        $saddles = ScaleLine::from($this->specification)->saddles();
        $front = ($saddles->from + $saddles->to) / 2 - $box->bridgeDeep->mm * 0.4;
        $half = $box->bridgeWide->mm / 2;

        return [new Point($front, -$half), new Point($front + $box->bridgeDeep->mm, -$half), new Point($front + $box->bridgeDeep->mm, $half), new Point($front, $half)];
    }

    /** @return list<BoxBrace> */
    private function laidOut(): array
    {
        return match ($this->specification->box->bracing) {
            BracingPattern::Crossed => $this->crossed(),
            BracingPattern::Ladder => $this->ladder(),
            BracingPattern::Fan => $this->fan(),
            BracingPattern::Drawn => $this->drawn(),
        };
    }

    /** @return list<BoxBrace> */
    private function drawn(): array
    {
        $scale = $this->specification->middleScale()->mm;
        $side = $this->specification->brief->hand === Hand::Left ? -1.0 : 1.0;
        $braces = [];
        foreach ($this->specification->box->braces as $number => $brace) {
            $braces[] = new BoxBrace(
                'brace '.($number + 1), new Point($scale + $brace->fromBehind->mm, $side * $brace->fromAcross->mm), new Point($scale + $brace->toBehind->mm, $side * $brace->toAcross->mm),
                $brace->height->mm, $this->specification->box->braceWidth->mm,
            );
        }

        return $braces;
    }

    /** @return list<BoxBrace> two arms that cross behind the hole, bars behind the bridge, and one before the hole */
    private function crossed(): array
    {
        $hole = $this->soundHole();
        $radius = $this->specification->box->soundHole->mm / 2;
        $middle = new Point($hole->x + $radius + self::CROSS_BEHIND_MM, 0.0);
        $braces = [$this->across('before the hole', $hole->x - $radius - self::BESIDE_HOLE_MM, 1.0)];
        foreach (['first arm' => 1.0, 'second arm' => -1.0] as $name => $side) {
            $braces[] = $this->brace($name, $this->reach($middle, -cos(deg2rad(self::CROSS)), -$side * sin(deg2rad(self::CROSS))), $this->reach($middle, cos(deg2rad(self::CROSS)), $side * sin(deg2rad(self::CROSS))), 1.0);
        }
        $tail = $this->outline->along()->to;
        $bridge = $this->specification->middleScale()->mm + $this->specification->box->bridgeDeep->mm;
        $sign = $this->specification->brief->hand === Hand::Left ? -1.0 : 1.0;
        foreach ([0.28, 0.55] as $number => $share) {
            $start = new Point($bridge + ($tail - $bridge) * $share * 0.55, -$sign * 38.0);
            $braces[] = $this->brace('bar '.($number + 1), $start, $this->reach($start, 0.42, $sign * 0.91), 0.6);
        }

        return $braces;
    }

    /** @return list<BoxBrace> */
    private function ladder(): array
    {
        $hole = $this->soundHole();
        $radius = $this->specification->box->soundHole->mm / 2;
        $tail = $this->outline->along()->to;
        $bridge = $this->specification->middleScale()->mm;
        $behind = $hole->x + $radius + self::BESIDE_HOLE_MM;

        return [
            $this->across('before the hole', $hole->x - $radius - self::BESIDE_HOLE_MM, 1.0), $this->across('behind the hole', $behind, 1.0),
            $this->across('before the bridge', ($behind + $bridge) / 2, 0.9), $this->across('behind the bridge', $bridge + ($tail - $bridge) * 0.4, 0.8),
        ];
    }

    /** @return list<BoxBrace> two bars beside the hole, and braces that spread towards the tail */
    private function fan(): array
    {
        $hole = $this->soundHole();
        $radius = $this->specification->box->soundHole->mm / 2;
        $behind = $hole->x + $radius + self::BESIDE_HOLE_MM;
        $braces = [$this->across('before the hole', $hole->x - $radius - self::BESIDE_HOLE_MM, 1.0), $this->across('behind the hole', $behind, 1.0)];
        foreach (self::FAN as $number => $angle) {
            $start = new Point($behind + 12.0, ($behind + 12.0 - $hole->x) * tan(deg2rad($angle)));
            $braces[] = $this->brace('fan '.($number + 1), $start, $this->reach($start, cos(deg2rad($angle)), sin(deg2rad($angle)), 26.0), 0.35);
        }

        return $braces;
    }

    private function across(string $name, float $x, float $share): BoxBrace
    {
        $from = new Point($x, 0.0);

        return $this->brace($name, $this->reach($from, 0.0, -1.0), $this->reach($from, 0.0, 1.0), $share);
    }

    /** @param  float  $share  of the main braces' height */
    private function brace(string $name, Point $from, Point $to, float $share): BoxBrace
    {
        return new BoxBrace($name, $from, $to, round($this->specification->box->braceHeight->mm * $share, 1), $this->specification->box->braceWidth->mm * min(1.0, $share + 0.25));
    }

    /** Where a way from a place within the outline comes so near to its edge, in the way’s own direction. */
    private function reach(Point $from, float $x, float $y, float $within = self::WITHIN_MM): Point
    {
        $nearest = INF;
        $points = $this->coarse->points;
        $count = count($points);
        for ($index = 0; $index < $count; $index++) {
            [$a, $b] = [$points[$index], $points[($index + 1) % $count]];
            [$alongX, $alongY] = [$b->x - $a->x, $b->y - $a->y];
            $turn = $x * $alongY - $y * $alongX;
            if (abs($turn) < 1e-12) {
                continue;
            }
            $far = (($a->x - $from->x) * $alongY - ($a->y - $from->y) * $alongX) / $turn;
            $share = (($a->x - $from->x) * $y - ($a->y - $from->y) * $x) / $turn;
            if ($far > 0.0 && $share >= 0.0 && $share < 1.0) {
                $nearest = min($nearest, $far);
            }
        }
        $far = is_finite($nearest) ? max(0.0, $nearest - $within) : 0.0;

        return $from->moved($x * $far, $y * $far);
    }
}
