<?php

declare(strict_types=1);

namespace Regimen\Revision;

/** Something that is different in another revision, in words. */
final readonly class RevisedValue
{
    /** @param  string  $before  empty when it was not there; $after likewise */
    public function __construct(public string $name, public string $before, public string $after)
    {
    }
}
