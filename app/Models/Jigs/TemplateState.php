<?php

declare(strict_types=1);

namespace App\Models\Jigs;

/** How a template stands. */
enum TemplateState: string
{
    case Good = 'good';
    case Damaged = 'damaged';
    case Retired = 'retired';
}
