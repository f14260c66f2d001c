<?php

declare(strict_types=1);

namespace App\Pages\Specification;

use App\Pages\Page;

final readonly class OutlinesProps extends Page
{
    public const COMPONENT = 'specification/Outlines';

    /** @param  list<OutlineLine>  $outlines */
    public function __construct(public string $width, public array $outlines)
    {
    }
}
