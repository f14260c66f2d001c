<?php

declare(strict_types=1);

namespace App\Pages\Clients;

/** A change order, and what became of it. */
final readonly class OrderLine
{
    /** @param  list<string>  $follows */
    public function __construct(public int $id, public int $version, public int $number, public string $what, public string $words, public array $follows, public bool $open)
    {
    }
}
