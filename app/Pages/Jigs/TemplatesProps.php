<?php

declare(strict_types=1);

namespace App\Pages\Jigs;

use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class TemplatesProps extends Page
{
    public const COMPONENT = 'jigs/Templates';

    /**
     * @param  list<TemplateLine>  $templates
     * @param  list<BitLine>  $bits
     * @param  list<Option>  $builds  in the making, by number
     * @param  list<Option>  $shapes
     */
    public function __construct(public string $headline, public array $templates, public array $bits, public array $builds, public array $shapes)
    {
    }
}
