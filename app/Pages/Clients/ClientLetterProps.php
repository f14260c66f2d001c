<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class ClientLetterProps extends Page
{
    public const COMPONENT = 'clients/Letters';

    /**
     * @param  list<Option>  $kinds
     * @param  list<LetterSent>  $sent  the latest first
     */
    public function __construct(
        public int $number,
        public string $title,
        public string $client,
        public array $kinds,
        public string $kind,
        public string $to,
        public string $subject,
        public string $body,
        public array $sent,
    ) {
    }
}
