<?php

declare(strict_types=1);

namespace Regimen\Schedule\Policy;

/** A build that would be over on an earlier day. */
final readonly class Gain
{
    /**
     * @param  string  $build  its identity in the problem
     * @param  string  $before  day
     * @param  string  $after  day
     * @param  bool  $late  whether its promise breaks as things are
     */
    public function __construct(
        public int|string $build,
        public string $before,
        public string $after,
        public bool $late,
    ) {
    }
}
