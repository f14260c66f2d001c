<?php

declare(strict_types=1);

namespace App\Pages\Clients;

/** What was said with a client. */
final readonly class TalkLine
{
    public function __construct(public int $id, public string $at, public string $by, public string $text)
    {
    }
}
