<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\People\Person;
use Illuminate\Validation\ValidationException;

/**
 * Something that can be tried beside the plan and done in earnest: both do the same, the one in a copy. A kind of change
 * owns all there is to know about it: how it is asked for (`AskedFor`), kept, said, made and taken back.
 */
interface Change
{
    /** The word that it is kept under. */
    public static function kind(): string;

    /** As it was kept, or asked for and validated. */
    public static function read(Body $body, Tools $tools): self;

    /** @return array<string, mixed> as it is kept; `read` makes the same change of it */
    public function body(): array;

    /** Called first: whether it can be done at all, and in which words it is recorded. */
    public function words(): string;

    /**
     * Makes it, inside the caller's transaction and without planning.
     *
     * @param  Person|null  $by  nobody while it is only tried
     * @return Change|null what takes it back; null if it cannot be taken back
     *
     * @throws ValidationException
     */
    public function make(?Person $by): ?self;

    /** Whose logbook it belongs to; null for the shop's. */
    public function build(): ?Build;

    /** What kind of entry the logbook has for it. */
    public function entry(): string;
}
