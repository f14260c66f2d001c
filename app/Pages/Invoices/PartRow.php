<?php

declare(strict_types=1);

namespace App\Pages\Invoices;

/** A part of a build’s price. */
final readonly class PartRow
{
    /**
     * @param  string  $amount  as a field shows it
     * @param  int|null  $invoice  on which it stands
     * @param  string  $words  how it stands
     */
    public function __construct(public int $id, public string $when, public string $stage, public string $what, public string $amount, public int $minor, public ?int $invoice, public string $words, public bool $isDue)
    {
    }
}
