<?php

declare(strict_types=1);

namespace App\Console\Benches\Pages;

use App\Console\Benches\Shops\Served;

/** Seconds of the processor. */
final class Cost
{
    private const WARM = 8;

    private const TIMES = 16;

    /**
     * What one answer of a served shop takes in the mean, once everything is compiled.
     *
     * @param  callable(): void  $ask
     */
    public static function of(Served $served, callable $ask, int $warm = self::WARM, int $times = self::TIMES): float
    {
        for ($i = 0; $i < $warm; $i++) {
            $ask();
        }
        $before = $served->processorSeconds();
        for ($i = 0; $i < $times; $i++) {
            $ask();
        }

        return ($served->processorSeconds() - $before) / $times;
    }
}
