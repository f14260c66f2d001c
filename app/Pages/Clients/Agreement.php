<?php

declare(strict_types=1);

namespace App\Pages\Clients;

/** What a client has approved, and what was agreed or offered since. */
final readonly class Agreement
{
    /**
     * @param  string  $approved  what the client has approved, in words
     * @param  int|null  $approvable  the revision that they can approve; null where they have, or there is none
     * @param  int|null  $draft  a revision in the making
     * @param  list<OrderLine>  $orders
     */
    public function __construct(public string $approved, public ?int $approvable, public ?int $draft, public int $draftVersion, public array $orders, public string $currency)
    {
    }
}
