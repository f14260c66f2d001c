<?php

declare(strict_types=1);

namespace App\Pages\Cutting;

/** A piece on a board, in mm. */
final readonly class LaidLine
{
    /**
     * @param  int  $number  among all places of the plan
     * @param  string  $turn  along, half or across
     * @param  string  $line  along which it is sawn out, as a path; empty for a box
     * @param  bool  $curved  whether straight cuts alone do not free it
     * @param  list<string>  $faults
     */
    public function __construct(
        public int $number,
        public string $words,
        public float $from,
        public float $across,
        public float $length,
        public float $width,
        public string $turn,
        public string $line,
        public bool $curved,
        public array $faults,
    ) {
    }
}
