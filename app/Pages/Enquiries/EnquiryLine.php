<?php

declare(strict_types=1);

namespace App\Pages\Enquiries;

/** An open enquiry as a sentence, with what to do next. */
final readonly class EnquiryLine
{
    public function __construct(public int $id, public string $client, public string $words, public string $next, public string $address, public bool $urgent)
    {
    }
}
