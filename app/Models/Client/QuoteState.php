<?php

declare(strict_types=1);

namespace App\Models\Client;

/** What became of a quote. */
enum QuoteState: string
{
    case Open = 'open';
    case Accepted = 'accepted';
    case Replaced = 'replaced';
    case Withdrawn = 'withdrawn';
}
