<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\People\Person;
use Illuminate\Validation\ValidationException;

/** Something that can be tried beside the plan and done in earnest: both do the same, the one is taken back. */
interface Change
{
    /** Called first: whether it can be done at all, and in which words it is recorded. */
    public function words(): string;

    /**
     * Makes it, inside the caller's transaction and without planning.
     *
     * @param  Person|null  $by  nobody while it is only tried
     * @return array<string, mixed>|null the change that takes it back; null if it cannot be taken back
     *
     * @throws ValidationException
     */
    public function make(?Person $by): ?array;

    /** Whose logbook it belongs to; null for the shop's. */
    public function build(): ?Build;
}
