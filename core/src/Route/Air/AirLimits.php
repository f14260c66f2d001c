<?php

declare(strict_types=1);

namespace Regimen\Route\Air;

/** In which air something is done, and in which it is not. */
interface AirLimits
{
    /** What forbids it in this air, or null; null is no promise that it will turn out well. */
    public function against(Climate $air): ?string;
}
