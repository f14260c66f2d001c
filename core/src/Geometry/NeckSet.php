<?php

declare(strict_types=1);

namespace Regimen\Geometry;

use Regimen\Units\Length;

/**
 * How a neck stands to the top of a flat-top with a pinned bridge (CALCULATIONS F3): the plane of the frets, carried to the saddle line, lies as far
 * under the saddle’s crown as the strings are to stand over the frets there.
 */
final readonly class NeckSet
{
    /**
     * @param  Length  $saddle  how far its crown stands over the top
     * @param  Length  $actionAtTwelve  of the strings over the 12th fret
     * @param  Length  $actionAtNut  over the nut’s end of the frets’ plane
     * @param  Length  $board  how high the fretboard’s face lies over the top where the body begins
     * @param  Length  $crown  height of the frets
     * @param  Length  $toSaddle  from where the body begins to the saddle line, above zero
     */
    public function __construct(
        private Length $saddle,
        private Length $actionAtTwelve,
        private Length $actionAtNut,
        private Length $board,
        private Length $crown,
        private Length $toSaddle,
    ) {
        if ($toSaddle->mm <= 0) {
            throw new \InvalidArgumentException('The saddle lies behind the body’s edge.');
        }
    }

    /** How high over the top the plane of the frets has to lie at the saddle line, in mm. */
    public function planeAtSaddle(): float
    {
        return $this->saddle->mm - (2 * $this->actionAtTwelve->mm - $this->actionAtNut->mm);
    }

    /** In degrees: above zero the head leans back. */
    public function angle(): float
    {
        return rad2deg(atan2($this->planeAtSaddle() - $this->board->mm - $this->crown->mm, $this->toSaddle->mm));
    }

    /** By how much one degree more lifts the plane at the saddle line, in mm. */
    public function perDegree(): float
    {
        return $this->toSaddle->mm * (tan(deg2rad($this->angle() + 1)) - tan(deg2rad($this->angle())));
    }
}
