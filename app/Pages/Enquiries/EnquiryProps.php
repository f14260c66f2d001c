<?php

declare(strict_types=1);

namespace App\Pages\Enquiries;

use App\Pages\Later;
use App\Pages\Page;

final readonly class EnquiryProps extends Page
{
    public const COMPONENT = 'clients/Enquiry';

    /**
     * @param  string|null  $closed  why it is closed; null while it is open
     * @param  list<SketchLine>  $sketches
     * @param  Later<list<SketchDates>>  $dates
     * @param  list<QuoteLine>  $quotes
     * @param  list<PictureLine>  $pictures
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $headline,
        public int $clientId,
        public string $client,
        public string $likes,
        public string $at,
        public string $wishes,
        public string $budget,
        public string $wantedBy,
        public ?string $closed,
        public string $currency,
        public array $sketches,
        public Later $dates,
        public array $quotes,
        public array $pictures,
    ) {
    }
}
