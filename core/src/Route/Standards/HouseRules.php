<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

use Regimen\Inspection\Tolerances;
use Regimen\Route\Air\BoxAir;
use Regimen\Route\Air\SprayLimits;

/** What a house decides once for every operation: glue, the air it sprays in, and what it lets pass. */
final readonly class HouseRules
{
    /** @param  array<string, float>  $glueShares  length of a hold, as a share of the standard, by adhesive */
    public function __construct(
        public SprayLimits $spraying,
        public Tolerances $tolerances,
        private array $glueShares = [],
    ) {
    }

    public static function usual(): self
    {
        return new self(new SprayLimits, Tolerances::usual());
    }

    /** In which air plates are braced and boxes closed. */
    public function closing(): BoxAir
    {
        return BoxAir::of($this->tolerances);
    }

    public function glueShare(Adhesive $glue): float
    {
        return $this->glueShares[$glue->value] ?? $glue->share();
    }
}
