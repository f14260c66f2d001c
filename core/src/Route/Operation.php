<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Units\Duration;

/** One operation of a route: set-up and labour in working hours, then a hold in clock time. */
final readonly class Operation
{
    /**
     * @param  list<Piece>  $pieces  what it works on and keeps in place, also through the hold
     * @param  list<string>  $needs  keys of kit lines that must have arrived
     */
    public function __construct(
        public string $key,
        public string $name,
        public Standard $standard,
        public array $pieces,
        public array $needs,
        public Duration $hold,
    ) {
    }

    /** Set-up and labour together. */
    public function work(): Duration
    {
        return $this->standard->setUp->plus($this->standard->labour);
    }
}
