<?php

declare(strict_types=1);

namespace Regimen\Instrument\Shape;

use Regimen\Geometry\Bezier;
use Regimen\Geometry\Point;
use Regimen\Instrument\Brief\Hand;
use Regimen\Instrument\Neck\HeadstockKind;
use Regimen\Instrument\Neck\TunerLayout;
use Regimen\Instrument\Specification;
use Regimen\Units\Term;

/** The headstock: posts, outline, stock and how the strings break over the nut (CALCULATIONS G11, G12). */
final readonly class HeadstockShape
{
    /** Timber between a tuner's hole and the edge of the headstock, in mm; common practice. */
    private const EDGE_MM = 8.0;

    /** @param  non-empty-list<Point>  $posts  treble first; x is less than zero, from the nut along the face */
    private function __construct(private Specification $specification, public array $posts)
    {
    }

    public static function from(Specification $s): self
    {
        $sign = $s->brief->hand === Hand::Left ? -1.0 : 1.0;
        $posts = match (true) {
            ! $s->head->headstock->hasPosts() => self::clamps($s),
            $s->head->posts === [] => self::layOut($s, $sign),
            default => array_map(static fn (array $post): Point => new Point(-abs($post[0]), $sign * $post[1]), $s->head->posts),
        };

        return new self($s, $posts);
    }

    /**
     * In a line each string runs straight on to its post, the nearest on the side of the tuners; on both sides the
     * outer strings have the nearest posts and the rows stand a little apart.
     *
     * @return non-empty-list<Point>
     */
    private static function layOut(Specification $s, float $sign): array
    {
        $spread = StringSpread::from($s);
        $count = $s->brief->strings;
        $treble = (int) ceil($count / 2);
        $posts = [];
        for ($string = 0; $string < max(1, $count); $string++) {
            $x = -$s->head->firstPost->mm - $s->head->tunerLayout->place($string, $count) * $s->head->tunerSpacing->mm;
            $y = $s->head->tunerLayout === TunerLayout::BothSides
                ? ($string < $treble ? -1 : 1) * $sign * ($s->board->nutWidth->mm / 2 - 1.0 + 0.03 * -$x)
                : $spread->nut[$string] + ($s->head->tunerLayout === TunerLayout::InLine ? 1 : -1) * $sign * 0.02 * -$x;
            $posts[] = new Point($x, $y);
        }

        return $posts;
    }

    /**
     * Where a headless neck's strings are clamped: straight behind the nut.
     *
     * @return non-empty-list<Point>
     */
    private static function clamps(Specification $s): array
    {
        $spread = StringSpread::from($s);
        $clamps = [];
        for ($string = 0; $string < max(1, $s->brief->strings); $string++) {
            $clamps[] = new Point($spread->nutAlong[$string] - $s->head->headLength->mm / 2, $spread->nut[$string]);
        }

        return $clamps;
    }

    /** @return non-empty-list<Point> the nut’s corners with a piece of the neck behind them */
    private function headpiece(): array
    {
        [$from, $to] = FretLines::from($this->specification)->at(0);
        $length = -$this->specification->head->headLength->mm;

        return [$from, $from->moved($length, 0.0), $to->moved($length, 0.0), $to];
    }

    /** @return non-empty-list<Point> the outline from the nut's treble corner round the tip to its bass corner */
    public function outline(): array
    {
        if (! $this->specification->head->headstock->hasPosts()) {
            return $this->headpiece();
        }
        $nut = $this->specification->board->nutWidth->mm / 2;
        $length = $this->specification->head->headLength->mm;
        $x = array_map(static fn (Point $post): float => -$post->x, $this->posts);
        $y = array_map(static fn (Point $post): float => $post->y, $this->posts);
        $edge = self::EDGE_MM + $this->specification->head->tunerHole->mm / 2;
        $low = min($y) - $edge;
        $high = max($y) + $edge;
        $shoulder = min(max(min($x) - 16.0, 10.0), $length * 0.4);
        $start = new Point(0.0, -$nut);
        $points = [$start];
        $this->curve(
            $points, new Point(-$shoulder * 0.55, -$nut), new Point(-$shoulder * 0.7, min(-$nut, $low)),
            new Point(-$shoulder - 6, min(-$nut, $low)),
        );
        $tip = min(44.0, $length * 0.35);
        $points[] = new Point(-$length + $tip, $low * 1.02);
        $this->curve(
            $points, new Point(-$length + $tip * 0.3, $low * 1.02), new Point(-$length + 3, $low * 0.95),
            new Point(-$length + 1.5, $low * 0.5),
        );
        $this->curve(
            $points, new Point(-$length, $low * 0.1), new Point(-$length + 1.0, $high * 0.3),
            new Point(-$length + 4, $high * 0.6),
        );
        $this->curve(
            $points, new Point(-$length + 8, $high), new Point(-$length + $tip * 0.5, $high * 1.02),
            new Point(-$length + $tip, $high * 1.02),
        );
        $points[] = new Point(-$shoulder - 6, max($nut, $high));
        $this->curve(
            $points, new Point(-$shoulder * 0.7, max($nut, $high)), new Point(-$shoulder * 0.55, $nut),
            new Point(0.0, $nut),
        );

        return $points;
    }

    /** @param  non-empty-list<Point>  $points */
    private function curve(array &$points, Point $first, Point $second, Point $to): void
    {
        array_push($points, ...Bezier::flatten($points[count($points) - 1], $first, $second, $to));
    }

    /** At its widest, in mm. */
    public function width(): float
    {
        $across = array_map(static fn (Point $point): float => $point->y, $this->outline());

        return max($across) - min($across);
    }

    /** Of the timber behind the nut, in mm: of a headless neck what is under its board. */
    public function thickness(): float
    {
        return $this->specification->head->headstock->hasPosts() ? $this->specification->head->headThickness->mm : $this->specification->neck->thicknessFirst->mm - $this->specification->board->boardThickness->mm;
    }

    /** Degrees that the face falls away from the board. */
    public function angle(): float
    {
        return $this->specification->head->headstock === HeadstockKind::Angled
            ? $this->specification->head->headAngle
            : 0.0;
    }

    /** G11: depth of stock that an angled headstock of one piece takes: length · sin α + thickness · cos α, in mm. */
    public function stockDepth(): Term
    {
        $head = $this->specification->head;

        return Term::of($head->headLength)
            ->times(Term::sin($this->angle()))
            ->plus(Term::of($head->headThickness)->times(Term::cos($this->angle())));
    }

    /**
     * How far the face at the nut lies below the board's surface, in mm: an angled one begins at the neck's face under
     * the board.
     */
    public function faceBelowBoard(): float
    {
        return $this->specification->head->headstock === HeadstockKind::Flat
            ? $this->specification->head->headStep->mm
            : $this->specification->board->boardThickness->mm;
    }

    /**
     * The bottom of the nut's slots over the board's surface, in mm: one crown and a0, or the zero fret's own crown.
     */
    public function slotOverBoard(): float
    {
        return $this->specification->board->crownHeight->mm + $this->specification->nutHeight();
    }

    /**
     * G12: height lost from the nut slot to where the string leaves its post: face + slot + d · sin α − p · cos α, in
     * mm.
     */
    public function heightLost(int $string, ?float $angle = null): float
    {
        $angle = deg2rad($angle ?? $this->angle());

        return $this->faceBelowBoard() + $this->slotOverBoard() + $this->alongFace($string) * sin($angle)
            - $this->specification->head->postHeight->mm * cos($angle);
    }

    /**
     * G12: how far from the nut, along the board's plane, the string leaves its post, which leans with the face: d ·
     * cos α + p · sin α, in mm.
     */
    public function awayFromNut(int $string, ?float $angle = null): float
    {
        $angle = deg2rad($angle ?? $this->angle());

        return $this->alongFace($string) * cos($angle) + $this->specification->head->postHeight->mm * sin($angle);
    }

    /** G12: degrees by which a string breaks over the nut; one under a guide breaks towards the guide. */
    public function breakAngle(int $string, ?float $angle = null): float
    {
        return $this->breaking($string, $angle)->value;
    }

    public function breaking(int $string, ?float $angle = null): Term
    {
        $head = $this->specification->head;

        return $this->isGuided($string)
            ? Term::of($head->guideDrop)->over(Term::of($head->guideAt))->atan()->note(', under the guide')
            : Term::of($this->heightLost($string, $angle), 2)->over(
                Term::of($this->awayFromNut($string, $angle), 2),
            )->atan();
    }

    public function isGuided(int $string): bool
    {
        return $string < $this->specification->head->guided;
    }

    /** Degrees by which a string turns sideways at the nut. */
    public function sideAngle(int $string): float
    {
        $spread = StringSpread::from($this->specification);
        $post = $this->posts[$string];
        $running = rad2deg(atan(($spread->saddle[$string] - $spread->nut[$string]) / $spread->scaleOf($string)));

        return abs(rad2deg(atan(($post->y - $spread->nut[$string]) / max(1.0, $spread->nutAlong[$string] - $post->x))) + $running);
    }

    /** Nearest distance of two posts, in mm; INF with a single one. */
    public function nearestPosts(): float
    {
        $nearest = INF;
        foreach ($this->posts as $index => $post) {
            foreach (array_slice($this->posts, $index + 1) as $other) {
                $nearest = min($nearest, $post->distanceTo($other));
            }
        }

        return $nearest;
    }

    private function alongFace(int $string): float
    {
        $nut = $this->specification->fan() === null ? 0.0 : StringSpread::from($this->specification)->nutAlong[$string];

        return max(1.0, $nut - $this->posts[$string]->x);
    }
}
