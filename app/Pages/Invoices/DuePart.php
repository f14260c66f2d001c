<?php

declare(strict_types=1);

namespace App\Pages\Invoices;

/** A part of a price that is not invoiced yet. */
final readonly class DuePart
{
    /**
     * @param  int  $minor  as it is shown, so that nobody invoices what has changed since
     * @param  string  $words  when it falls due
     */
    public function __construct(public int $id, public int $build, public string $title, public string $client, public string $what, public string $amount, public int $minor, public string $words, public bool $isDue)
    {
    }
}
