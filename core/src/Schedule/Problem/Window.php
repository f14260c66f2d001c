<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/**
 * By when an activity has to begin so that what it goes over still takes it, as a coat over a coat (a greatest lag).
 * One that is missed costs labour of its own: the sanding in between.
 */
final readonly class Window
{
    /**
     * @param  string|null  $after  counted from the end of that activity's labour; null if minutes are an instant
     * @param  int  $minutes  clock minutes, or the instant at which it closes
     * @param  int  $sanding  working minutes that a miss adds; 0 if a miss cannot be fixed by work
     */
    public function __construct(public int|string|null $after, public int $minutes, public int $sanding = 0)
    {
    }
}
