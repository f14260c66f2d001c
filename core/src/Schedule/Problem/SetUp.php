<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/**
 * What a station is set to for an activity, and the working minutes that takes; the same setting right before on the
 * same station saves them.
 */
final readonly class SetUp
{
    /** @param  string|null  $station  that is set; null for a bench or a hand tool, where nothing stands */
    public function __construct(public string $key, public int $minutes, public ?string $station = null)
    {
    }
}
