<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Instrument\Fields\Option;
use Regimen\Instrument\Fields\WordsOfValue;

/** How the headstock leaves the neck. */
enum HeadstockKind: string implements Option
{
    use WordsOfValue;

    case Angled = 'angled';
    case Flat = 'flat';
    case Headless = 'headless';

    /** Whether the strings run to posts on it; on a headless neck they are clamped behind the nut and tuned at the bridge. */
    public function hasPosts(): bool
    {
        return $this !== self::Headless;
    }
}
