<?php

declare(strict_types=1);

namespace App\Pages\Bench;

use App\Pages\Setback\TellForm;
use App\Pages\Worked\Drawing;

/** The operation that somebody has under the hand. */
final readonly class UnderHand
{
    /**
     * @param  string  $piece  which piece, in words
     * @param  string  $waits  why it cannot be worked on; empty where it can
     * @param  list<string>  $cautions
     * @param  string  $ends  what ends it
     * @param  string  $holds  how long it holds then, and on what; empty for no hold
     * @param  list<BenchList>  $lists
     * @param  list<WentWrong>  $wrong
     * @param  list<string>  $timber  the blanks that it is done on, and what it would be done with and has gone by
     * @param  string  $way  how it is done
     * @param  string  $kind  whether it can be undone, wants calm hands, or can be left
     */
    public function __construct(
        public int $id,
        public int $version,
        public int $build,
        public string $title,
        public string $piece,
        public string $name,
        public bool $begun,
        public Drawing $drawing,
        public string $waits,
        public array $cautions,
        public string $ends,
        public int $plannedMinutes,
        public int $workedMinutes,
        public ?BenchClock $clock,
        public string $holds,
        public array $lists,
        public ?HouseInstruction $instruction,
        public array $wrong,
        public array $timber,
        public string $way,
        public string $kind,
        public TellForm $tell,
        public int $frets,
        public string $lastTime,
    ) {
    }
}
