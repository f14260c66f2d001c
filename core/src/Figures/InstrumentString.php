<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Geometry\Point;
use Regimen\Strings\Gauge;
use Regimen\Strings\Note;

/** One string of an instrument: what it is, where it lies, and how it pulls and breaks. */
final readonly class InstrumentString
{
    /**
     * @param  int  $number  from 1, the treble first
     * @param  float  $mass  g/m, as its maker states it or estimated
     * @param  bool  $isStated  whether its maker states the mass
     * @param  float  $pull  N (S2)
     * @param  Point  $nut  where it lies on the nut, mm; the treble of a right-handed instrument is above, below 0
     * @param  Point  $saddle  where it leaves the saddle, mm
     * @param  Point  $post  of its tuner, mm
     * @param  float  $break  degrees by which it breaks over the nut (G12)
     * @param  float  $aside  degrees by which it turns sideways at the nut
     */
    public function __construct(
        public int $number,
        public Gauge $gauge,
        public Note $note,
        public float $mass,
        public bool $isStated,
        public float $pull,
        public Point $nut,
        public Point $saddle,
        public Point $post,
        public float $break,
        public float $aside,
    ) {
    }

    /** As it lies: from 0, which lists and the geometry count by. */
    public function index(): int
    {
        return $this->number - 1;
    }
}
