<?php

declare(strict_types=1);

namespace App\Pages\Parts;

use App\Pages\Page;

final readonly class ScanProps extends Page
{
    public const COMPONENT = 'stores/Scan';

    /** @param  string  $unknown  why what was scanned last opens nothing */
    public function __construct(public string $unknown)
    {
    }
}
