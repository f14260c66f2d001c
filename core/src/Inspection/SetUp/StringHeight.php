<?php

declare(strict_types=1);

namespace Regimen\Inspection\SetUp;

use Regimen\Geometry\FretTable;
use Regimen\Units\Length;

/** What moving a string’s end does over a fret (CALCULATIONS B3; positions by G1). All lengths in mm. */
final readonly class StringHeight
{
    private function __construct(private float $share)
    {
    }

    /** @param  int  $fret  from 0, the nut */
    public static function over(int $fret, float $scale): self
    {
        return new self(FretTable::of(Length::ofMillimetres($scale), $fret)->position($fret)->mm / $scale);
    }

    /** How much higher the string stands when its saddle is raised so far. */
    public function bySaddle(float $raised): float
    {
        return $raised * $this->share;
    }

    /** How much lower it stands when its nut slot is lowered so far. */
    public function byNut(float $lowered): float
    {
        return $lowered * (1 - $this->share);
    }

    /** How far the saddle is raised for the string to stand so much higher; not over the nut. */
    public function saddleFor(float $higher): float
    {
        if ($this->share <= 0.0) {
            throw new \InvalidArgumentException('Over the nut a saddle moves nothing.');
        }

        return $higher / $this->share;
    }

    /** How far the nut slot is lowered for the string to stand so much lower. */
    public function nutFor(float $lower): float
    {
        return $lower / (1 - $this->share);
    }
}
