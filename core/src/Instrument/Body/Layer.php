<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Timber\Species;
use Regimen\Units\Length;

/** One layer of a body, counted from the top. */
final readonly class Layer
{
    public function __construct(public Species $timber, public Length $thickness)
    {
    }
}
