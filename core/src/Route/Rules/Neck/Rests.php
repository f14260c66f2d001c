<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Neck;

use Regimen\Instrument\Specification;
use Regimen\Timber\BalanceMoisture;

/** Whether a shaft has to rest once it is roughed: because it is glued up, or still wetter than the shop's balance. */
final class Rests
{
    /** Percent above the balance of the shop (TRADE: timber settles to within 1 %). */
    private const SETTLED_WITHIN = 1.0;

    public static function needed(Specification $s): bool
    {
        $isNew = $s->neck->neckMoisture !== null
            && $s->neck->neckMoisture > BalanceMoisture::percent(
                $s->brief->airTemperature, $s->brief->airHumidity,
            ) + self::SETTLED_WITHIN;

        return $s->neck->laminations > 1 || $isNew;
    }
}
