<?php

declare(strict_types=1);

namespace App\Pages\Jigs;

use App\Pages\Page;

final readonly class BuildTemplatesProps extends Page
{
    public const COMPONENT = 'jigs/BuildTemplates';

    /**
     * @param  list<BuildTemplateRow>  $rows
     * @param  string  $making  what the route counts for making templates
     */
    public function __construct(public int $number, public string $title, public string $headline, public array $rows, public string $making, public bool $open)
    {
    }
}
