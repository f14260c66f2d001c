<?php

declare(strict_types=1);

namespace App\Pages\Stores;

use App\Pages\Page;

/** What to bring from the timber yard. */
final readonly class YardProps extends Page
{
    public const COMPONENT = 'stores/Yard';

    /** @param  list<YardTimber>  $timbers */
    public function __construct(public string $headline, public string $moisture, public array $timbers)
    {
    }
}
