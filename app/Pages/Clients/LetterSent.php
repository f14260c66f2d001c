<?php

declare(strict_types=1);

namespace App\Pages\Clients;

/** A letter as it was sent. */
final readonly class LetterSent
{
    public function __construct(public int $id, public string $at, public string $by, public string $to, public string $subject, public string $body)
    {
    }
}
