<?php

declare(strict_types=1);

namespace App\Rules;

/** What people say in their own words; a request reads it before it looks at it. */
interface SaidInWords
{
    /** In the one form that is kept; as it was typed when it cannot be read. */
    public function read(mixed $typed): mixed;
}
