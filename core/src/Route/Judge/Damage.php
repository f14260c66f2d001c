<?php

declare(strict_types=1);

namespace Regimen\Route\Judge;

use Regimen\Findings\Severity;

/** What a changed route would spoil that the derived one keeps whole. */
interface Damage
{
    public function severity(): Severity;

    /** The same for the same damage. */
    public function key(): string;

    public function title(): string;

    /** What would be spoiled, and when it shows. */
    public function words(): string;

    /** Who asks for it, in words. */
    public function rule(): string;
}
