<?php

declare(strict_types=1);

namespace App\Pages\Parts;

/** An operation that could be done elsewhere. */
final readonly class SendChoice
{
    public function __construct(public string $key, public string $name, public string $stage)
    {
    }
}
