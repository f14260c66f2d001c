<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Pages\Build\Inked;
use App\Pages\Worked\Drawing;

/** What a client sees of their instrument. */
final readonly class ClientSheet
{
    /**
     * @param  list<array{name: string, share: float, isNow: bool}>  $stages  the share of each that is done, 0 to 1
     * @param  list<array{id: int, question: string, options: list<string>, by: string, cost: string, answer: string}>  $decisions  those that are open, and those that were answered
     * @param  list<array{id: int, sha: string, words: string}>  $photographs
     * @param  list<array{what: string, when: string, amount: string}>  $payments
     * @param  list<array{what: string, words: string, amount: string}>  $papers  quotes and change orders
     * @param  string  $mail  where the shop is asked
     */
    public function __construct(
        public string $language,
        public string $shop,
        public string $client,
        public string $instrument,
        public string $headline,
        public ?Drawing $drawing,
        public Inked $inked,
        public array $stages,
        public array $decisions,
        public string $promise,
        public string $since,
        public array $photographs,
        public array $payments,
        public array $papers,
        public string $mail,
    ) {
    }
}
