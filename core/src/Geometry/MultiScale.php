<?php

declare(strict_types=1);

namespace Regimen\Geometry;

use Regimen\Units\Length;

/**
 * Frets that fan (CALCULATIONS F1): each string has a scale of its own, its frets lie along it by equal temperament, and each fret is straight
 * through the outer two. A string that stands at the same share of the width at nut and bridge has the same share of the difference of
 * scales, so that all frets meet it where it sounds right.
 */
final readonly class MultiScale
{
    private const MOST_FRETS = 36;

    private function __construct(public Length $treble, public Length $bass, public int $square)
    {
    }

    /**
     * @param  Length  $treble  scale of the first string
     * @param  Length  $bass  scale of the last string, no shorter
     * @param  int  $square  the fret that stands square to the centre line, 0 for the nut
     *
     * @throws \InvalidArgumentException for scales the wrong way round, or a square fret that is none
     */
    public static function of(Length $treble, Length $bass, int $square): self
    {
        if ($treble->mm <= 0 || $bass->mm < $treble->mm) {
            throw new \InvalidArgumentException("The bass string’s scale of {$bass->inMillimetres()} is shorter than the treble string’s of {$treble->inMillimetres()}: they are the wrong way round.");
        }
        if ($square < 0 || $square > self::MOST_FRETS) {
            throw new \InvalidArgumentException("Fret {$square} cannot be the square one; choose one on the board, or 0 for the nut.");
        }

        return new self($treble, $bass, $square);
    }

    /** @param  float  $share  of the width, 0 for the treble string, 1 for the bass string */
    public function scale(float $share): Length
    {
        return Length::ofMillimetres($this->treble->mm + $share * ($this->bass->mm - $this->treble->mm));
    }

    /**
     * How far from the line of the square fret, along the centre line towards the bridge; the nut lies before it.
     *
     * @param  int  $fret  0 for the nut
     */
    public function along(int $fret, float $share): float
    {
        return $this->scale($share)->mm * (2 ** (-$this->square / 12) - 2 ** (-$fret / 12));
    }

    /** How far the saddle lies from the line of the square fret, compensation aside. */
    public function saddle(float $share): float
    {
        return $this->scale($share)->mm * 2 ** (-$this->square / 12);
    }

    /**
     * By how many degrees a fret stands out of square: above zero where its bass end is nearer to the bridge.
     *
     * @param  Length  $width  between the outer strings at that fret
     */
    public function angle(int $fret, Length $width): float
    {
        return rad2deg(atan2($this->along($fret, 1.0) - $this->along($fret, 0.0), $width->mm));
    }

    /** The same of the line of the saddles. */
    public function saddleAngle(Length $width): float
    {
        return rad2deg(atan2($this->saddle(1.0) - $this->saddle(0.0), $width->mm));
    }
}
