<?php

declare(strict_types=1);

namespace App\Pages\Clients;

/** An instrument of a client. */
final readonly class ClientBuild
{
    public function __construct(public int $number, public string $title, public string $model, public string $words, public bool $open)
    {
    }
}
