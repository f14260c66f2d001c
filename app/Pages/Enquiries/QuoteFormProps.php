<?php

declare(strict_types=1);

namespace App\Pages\Enquiries;

use App\Pages\Page;

final readonly class QuoteFormProps extends Page
{
    public const COMPONENT = 'clients/QuoteForm';

    /**
     * @param  array<string, string>  $said  what is suggested, by field
     * @param  string  $because  where price and date come from
     * @param  list<QuoteLine>  $open  that it could replace
     */
    public function __construct(
        public int $sketch,
        public int $version,
        public int $enquiry,
        public string $client,
        public string $name,
        public string $currency,
        public array $said,
        public string $because,
        public array $open,
    ) {
    }
}
