<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

/** A change that the shop can leave behind: then there is nothing to take back any more. */
interface Lapses
{
    /** What has happened since, as a sentence; null while it can still be made. */
    public function lapsed(): ?string;
}
