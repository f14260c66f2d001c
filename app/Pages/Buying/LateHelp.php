<?php

declare(strict_types=1);

namespace App\Pages\Buying;

/** Something that would bring a late part sooner. */
final readonly class LateHelp
{
    /**
     * @param  string  $words  with the day and what it costs
     * @param  array<string, string|int>|null  $change  to be tried beside the plan; null where nothing moves
     * @param  int|null  $part  of the catalogue that lies in the drawer: it can be taken at once
     */
    public function __construct(public string $words, public string $day, public ?array $change, public ?int $part)
    {
    }
}
