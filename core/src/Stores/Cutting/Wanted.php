<?php

declare(strict_types=1);

namespace Regimen\Stores\Cutting;

/** A need that a board is to serve: so many pieces of one size, all of them or none. Lengths in mm, along the grain first. */
final readonly class Wanted
{
    /**
     * @param  Outline|null  $outline  where it is sawn out along a line, of the same length and width
     * @param  list<int>|null  $faces  that it may come out of; of every one where nothing is said
     *
     * @throws \InvalidArgumentException for a piece of no size
     */
    public function __construct(public int $number, public float $length, public float $width, public int $pieces = 1, public ?Outline $outline = null, public ?array $faces = null)
    {
        if (min($length, $width, $pieces) <= 0) {
            throw new \InvalidArgumentException('A piece has a length and a width above zero.');
        }
    }

    public function isOf(Face $face): bool
    {
        return $this->faces === null || in_array($face->number, $this->faces, true);
    }

    public function square(): float
    {
        return $this->pieces * $this->length * $this->width;
    }

    /** What one piece of it takes of a board's face, in mm². */
    public function surface(): float
    {
        return $this->outline->area ?? $this->length * $this->width;
    }
}
