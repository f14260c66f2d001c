<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

/** The face of a board that is cut up, with what is cut around. Lengths in mm. */
final readonly class Face
{
    /** Off each end, where it has checks (common practice). */
    public const END_TRIM = 25.0;

    /** @param  list<Area>  $defects */
    public function __construct(public int $number, public float $length, public float $width, public array $defects = [])
    {
    }

    /** What is left of it between its trimmed ends. */
    public function trimmed(): Area
    {
        return new Area(self::END_TRIM, 0.0, max(0.0, $this->length - 2 * self::END_TRIM), $this->width);
    }
}
