<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

/** A change that may fix what is planned already: then nothing moves. */
interface KeepsThePlan
{
    /** Whether the plan in force is just what this asks for. */
    public function isAsPlanned(): bool;
}
