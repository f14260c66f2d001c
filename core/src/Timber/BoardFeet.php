<?php

declare(strict_types=1);

namespace Regimen\Timber;

use Regimen\Units\Length;

/** Board feet of rough timber (CALCULATIONS T4): thickness in inches × width in inches × length in feet / 12. */
final readonly class BoardFeet
{
    /** Planing takes 3 mm from each face; common practice. */
    public const PLANING_MM = 3.0;

    private function __construct(public float $value)
    {
    }

    public static function of(Length $thickness, Length $width, Length $length): self
    {
        return new self($thickness->inches() * $width->inches() * ($length->inches() / 12) / 12);
    }

    /**
     * How long a board of so many board feet is.
     *
     * @param  float  $feet  board feet, above zero
     *
     * @throws \InvalidArgumentException for a section of no size
     */
    public static function lengthOf(float $feet, Length $thickness, Length $width): Length
    {
        $section = $thickness->inches() * $width->inches();

        return $feet > 0 && $section > 0 ? Length::ofInches($feet * 144 / $section) : throw new \InvalidArgumentException('Board feet, thickness and width are above zero.');
    }

    /**
     * What has to be bought for a finished piece: both faces planed, and a share lost to kerf and defects.
     *
     * @param  float  $waste  share of the bought timber that is lost, 0 to below 1
     *
     * @throws \InvalidArgumentException for a share outside that range
     */
    public static function forFinished(Length $thickness, Length $width, Length $length, float $waste): self
    {
        if ($waste < 0 || $waste >= 1) {
            throw new \InvalidArgumentException('The share lost to waste runs from 0 to below 1.');
        }
        $rough = Length::ofMillimetres($thickness->mm + 2 * self::PLANING_MM);

        return new self(self::of($rough, $width, $length)->value / (1 - $waste));
    }
}
