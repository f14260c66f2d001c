<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Units\Duration;

/** One operation after another, and why. */
final readonly class Link
{
    /**
     * @param  string  $spoils  what is spoiled for good if the order is broken; empty where it only costs quality or time
     * @param  string  $rule  the rule that asks for it
     * @param  Duration|null  $window  the later one begins at most so long after the labour of the earlier, if there is such a limit
     */
    public function __construct(
        public string $before,
        public string $after,
        public string $reason,
        public string $spoils = '',
        public string $rule = '',
        public ?Duration $window = null,
    ) {
    }
}
