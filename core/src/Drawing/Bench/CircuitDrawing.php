<?php

declare(strict_types=1);

namespace Regimen\Drawing\Bench;

use Regimen\Drawing\Shape;
use Regimen\Figures\Circuit;
use Regimen\Figures\Workings;
use Regimen\Geometry\Point;

/** The circuit as a plan: pickups at the left, switch, pots, jack at the right, every ground down to the one line. */
final class CircuitDrawing
{
    private const PICKUPS_X = 16.0;

    private const SWITCH_X = 132.0;

    private const POTS_X = 208.0;

    private const JACK_X = 318.0;

    private const ROW = 46.0;

    private float $ground;

    private function __construct(private readonly Circuit $circuit, private readonly Sketch $sketch)
    {
        $this->ground = 44.0 + self::ROW * max(count($circuit->pickups), count($circuit->volumes) + count($circuit->tones), 2) + 14.0;
    }

    public static function draw(Workings $w): BenchDrawing
    {
        $one = new self(Circuit::of($w->specification), new Sketch);
        $one->pickups();
        $one->pots();
        $one->jack();
        $one->sketch->add(Shape::line(10.0, $one->ground, 350.0, $one->ground, '', 'solid'));
        $one->sketch->words(new Point(10.0, $one->ground + 16), 'ground');
        $one->lever();

        return $one->sketch->titled('Circuit');
    }

    private function y(int $row): float
    {
        return 36.0 + self::ROW * $row;
    }

    private function pickups(): void
    {
        foreach ($this->circuit->pickups as $row => $name) {
            $y = $this->y($row);
            $this->sketch->add(Shape::box(self::PICKUPS_X, $y - 11, 74.0, 22.0, '', 'line', 'paper'));
            $this->sketch->words(new Point(self::PICKUPS_X + 6, $y + 5), mb_strimwidth($name, 0, 10, '…'));
            $this->wire([[90.0, $y - 4], [self::SWITCH_X, $y - 4]]);
            $this->toGround([[90.0, $y + 6], [98.0 + 5 * $row, $y + 6]]);
        }
        if (count($this->circuit->pickups) > 1) {
            $high = $this->y(count($this->circuit->pickups) - 1) + 12;
            $this->sketch->add(Shape::box(self::SWITCH_X, $this->y(0) - 16, 40.0, $high - $this->y(0) + 16, '', 'line', 'paper'));
            $this->sketch->words(new Point(self::SWITCH_X - 2, $this->y(0) - 22), 'switch');
            foreach (array_keys($this->circuit->pickups) as $row) {
                $this->sketch->add(Shape::circle(new Point(self::SWITCH_X + 8, $this->y($row) - 4), 2.5, '', 'line', 'ink'));
                $this->sketch->words(new Point(self::SWITCH_X + 15, $this->y($row) + 1), (string) ($row + 1));
            }
            $this->wire([[self::SWITCH_X + 40, $this->y(0)], [self::POTS_X, $this->y(0)]]);
        } else {
            $this->wire([[self::SWITCH_X, $this->y(0) - 4], [self::POTS_X, $this->y(0)]]);
        }
    }

    private function pots(): void
    {
        $pots = [...$this->circuit->volumes, ...$this->circuit->tones];
        foreach ($pots as $row => $name) {
            $y = $this->y($row);
            $this->sketch->add(Shape::circle(new Point(self::POTS_X + 16, $y), 15.0, '', 'line', 'paper'));
            foreach ([-1, 0, 1] as $lug) {
                $this->sketch->add(Shape::circle(new Point(self::POTS_X + 16 + 8 * $lug, $y + 14), 2.2, '', 'line', 'ink'));
            }
            $this->sketch->words(new Point(self::POTS_X + 36, $y - 8), $name);
            $this->toGround([[self::POTS_X + 8, $y + 16], [self::POTS_X - 6 - 4 * $row, $y + 16]]);
            if ($row >= count($this->circuit->volumes)) {
                $this->wire([[self::POTS_X + 24, $this->y(0) + 16], [self::POTS_X + 24, $y - 14]]);
                $this->capacitor($y);
            }
        }
    }

    private function capacitor(float $y): void
    {
        if ($this->circuit->capacitor !== '') {
            $this->sketch->add(
                Shape::line(self::POTS_X + 34, $y + 8, self::POTS_X + 34, $y + 20, '', 'solid'), Shape::line(self::POTS_X + 38, $y + 8, self::POTS_X + 38, $y + 20, '', 'solid'),
                Shape::line(self::POTS_X + 16, $y + 14, self::POTS_X + 34, $y + 14, '', 'thin'),
            );
            $this->sketch->words(new Point(self::POTS_X + 44, $y + 12), $this->circuit->capacitor);
            $this->toGround([[self::POTS_X + 38, $y + 18], [self::POTS_X + 38, $y + 18]]);
        }
    }

    private function jack(): void
    {
        $y = $this->ground - 34;
        $this->sketch->add(Shape::circle(new Point(self::JACK_X + 14, $y), 13.0, '', 'line', 'paper'), Shape::circle(new Point(self::JACK_X + 14, $y), 5.0, '', 'line', 'ink'));
        $this->sketch->words(new Point(self::JACK_X, $y - 18), 'jack');
        $this->wire([[self::POTS_X + 34, $this->y(0)], [self::JACK_X - 8, $this->y(0)], [self::JACK_X - 8, $y], [self::JACK_X + 8, $y]]);
        $this->toGround([[self::JACK_X + 20, $y + 10], [self::JACK_X + 20, $y + 10]]);
    }

    /** Which way the lever points for what, from the neck's side to the bridge's. */
    private function lever(): void
    {
        $positions = $this->circuit->lever();
        if (count($positions) < 2) {
            return;
        }
        $y = $this->ground + 44;
        $this->sketch->words(new Point(16, $y), 'lever, from the neck’s side to the bridge’s');
        foreach ($positions as $at => [$number, $sounds]) {
            $share = $at / (count($positions) - 1) - 0.5;
            $down = $y + 26 * ($at + 1);
            $this->sketch->add(Shape::line(38.0, $down + 2, 38.0 + 40 * $share, $down - 12, '', 'solid'), Shape::circle(new Point(38.0 + 40 * $share, $down - 12), 3.0, '', 'line', 'ink'));
            $this->sketch->words(new Point(76.0, $down), "{$number}  {$sounds}");
        }
    }

    /** @param  non-empty-list<array{float, float}>  $through */
    private function wire(array $through): void
    {
        $this->sketch->add(Shape::open(array_map(static fn (array $at): Point => new Point(...$at), $through), '', 'line'));
    }

    /** @param  array{array{float, float}, array{float, float}}  $through */
    private function toGround(array $through): void
    {
        $this->sketch->add(Shape::open([new Point(...$through[0]), new Point(...$through[1]), new Point($through[1][0], $this->ground)], '', 'thin'));
        $this->sketch->add(Shape::circle(new Point($through[1][0], $this->ground), 2.0, '', 'line', 'ink'));
    }
}
