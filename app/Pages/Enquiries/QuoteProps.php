<?php

declare(strict_types=1);

namespace App\Pages\Enquiries;

use App\Pages\Page;
use App\Pages\Worked\Drawing;

final readonly class QuoteProps extends Page
{
    public const COMPONENT = 'clients/Quote';

    /**
     * @param  string  $state  what became of it, in words; empty while it is open
     * @param  list<array{string, string}>  $lines  what it says, name and value
     * @param  list<array{string, string}>  $facts  what the instrument is to be
     * @param  list<string>  $depends
     * @param  string  $words  the shop’s, as safe HTML
     * @param  string  $standing  whether its date still holds, in words
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $headline,
        public int $enquiry,
        public string $client,
        public string $address,
        public string $what,
        public string $state,
        public bool $open,
        public ?int $build,
        public array $lines,
        public array $facts,
        public ?Drawing $drawing,
        public array $depends,
        public string $words,
        public string $standing,
        public bool $isOff,
        public string $today,
    ) {
    }
}
