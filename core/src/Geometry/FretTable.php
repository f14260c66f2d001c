<?php

declare(strict_types=1);

namespace Regimen\Geometry;

use Regimen\Units\Length;

/** Where the frets lie, measured from the nut (CALCULATIONS G1): L (1 − 2^(−n/12)), equal temperament. */
final readonly class FretTable
{
    private function __construct(private Length $scale, public int $count)
    {
    }

    /**
     * @param  Length  $scale  above zero
     * @param  int  $count  number of frets, zero or more
     */
    public static function of(Length $scale, int $count): self
    {
        return new self($scale, $count);
    }

    /** @param  int  $number  0 is the nut; frets beyond the table's count are computed all the same */
    public function position(int $number): Length
    {
        return Length::ofMillimetres($this->scale->mm * (1 - 2 ** (-$number / 12)));
    }

    public function last(): Length
    {
        return $this->position($this->count);
    }

    /** How many frets have their slot on a board of this length, with at least 1 mm of timber behind the slot. */
    public function countWithin(Length $board): int
    {
        for ($count = 0; $count < 60 && $this->position($count + 1)->mm + 1.0 <= $board->mm; $count++);

        return $count;
    }

    /** @return list<Length> of frets 1 to the last */
    public function positions(): array
    {
        return array_map($this->position(...), $this->count > 0 ? range(1, $this->count) : []);
    }
}
