<?php

declare(strict_types=1);

namespace App\Pages\Enquiries;

use App\Pages\Page;

final readonly class EnquiriesProps extends Page
{
    public const COMPONENT = 'clients/Enquiries';

    /**
     * @param  list<EnquiryLine>  $open  the most urgent first
     * @param  list<string>  $closed  of late, in a sentence each
     */
    public function __construct(public string $headline, public string $under, public array $open, public array $closed)
    {
    }
}
