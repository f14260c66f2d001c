<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Pages\Later;
use App\Pages\Page;

final readonly class ForClientProps extends Page
{
    public const COMPONENT = 'clients/ForClient';

    /**
     * @param  string|null  $address  of the client’s page; null where none is open
     * @param  string  $standing  since when it is open, or why there is none
     * @param  list<string>  $sees  of stages, photographs, payments
     * @param  list<DecisionLine>  $decisions  the open ones first
     * @param  list<WaitingOperation>  $operations
     * @param  Later<ChangeShown>|null  $change  what it comes to
     */
    public function __construct(
        public int $number,
        public string $title,
        public string $client,
        public ?int $clientId,
        public string $headline,
        public ?string $address,
        public string $standing,
        public bool $canOpen,
        public array $sees,
        public int $photographs,
        public array $decisions,
        public array $operations,
        public HowItTravels $travels,
        public int $version,
        public string $currency,
        public Agreement $agreed,
        public ?Later $change,
    ) {
    }
}
