<?php

declare(strict_types=1);

namespace App\Pages\SetUp;

/** Heights of frets over a straight line, and what comes off. */
final readonly class FretPicture
{
    /**
     * @param  list<float>  $heights  in mm, from the first fret
     * @param  list<float>  $off  what has to come off each, in mm
     * @param  list<int>  $rocking  frets that rock
     * @param  float  $crown  what is left of a crown, in mm
     * @param  float  $least  below which a crown is not levelled any more
     * @param  float  $rocks  over its neighbours’ line a fret rocks, in mm
     */
    public function __construct(
        public array $heights,
        public array $off,
        public array $rocking,
        public float $crown,
        public float $least,
        public float $rocks,
    ) {
    }
}
