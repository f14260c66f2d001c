<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Strings;

use Regimen\Figures\InstrumentString;
use Regimen\Figures\Workings;
use Regimen\Strings\Gauge;

/**
 * Another gauge for one string as a fix: the one that pulls as hard as it should (S2: the pull grows with its square).
 */
final class OtherGauge
{
    /** Thickest plain and thinnest wound string that is sold, in thousandths of an inch; common practice. */
    public const PLAIN_MOST = 26.0;

    public const WOUND_LEAST = 17.0;

    /** The same of nylon. */
    private const NYLON = [48.0, 22.0];

    public static function plainMost(Workings $w): float
    {
        return $w->specification->isNylon() ? self::NYLON[0] : self::PLAIN_MOST;
    }

    public static function woundLeast(Workings $w): float
    {
        return $w->specification->isNylon() ? self::NYLON[1] : self::WOUND_LEAST;
    }

    /**
     * @param  list<float>  $pulls  in N, the best first
     * @return iterable<array{string, array<string, string>}>
     */
    public static function ways(Workings $w, InstrumentString $string, array $pulls): iterable
    {
        $gauge = $string->gauge;
        foreach ($pulls as $pull) {
            $mil = round(sqrt($pull / $string->pull) * $gauge->diameter->inches() * 1000, 1);
            // Six to a hundred and ninety-six are gauges at all.
            $kinds = $gauge->wound ? ['w', ''] : ['', 'w'];
            foreach ($kinds as $kind) {
                if (
                    $mil >= ($kind === 'w' ? self::woundLeast($w) : 6.0)
                    && $mil <= ($kind === 'w' ? 196.0 : self::plainMost($w))
                ) {
                    yield ["Take gauge {$mil}{$kind}", self::changed($w, [$string->index() => "{$mil}{$kind}"])];
                }
            }
        }
    }

    /**
     * The set with some strings of other gauges; what their maker states of the old ones goes with them.
     *
     * @param  array<int, string>  $others  typed, by string
     * @return array<string, string>
     */
    public static function changed(Workings $w, array $others): array
    {
        $stringing = $w->specification->stringing;
        $gauges = array_replace(
            array_map(static fn (Gauge $one): string => $one->typed(), $stringing->gauges),
            $others,
        );
        $changes = ['gauges' => implode(' ', $gauges)];
        if ($stringing->unitMasses !== []) {
            $changes['unitMasses'] = implode(
                ' ',
                array_map(
                    static fn (?float $mass, int $string): string => $mass === null || isset($others[$string])
                        ? '-'
                        : (string) $mass,
                    $stringing->unitMasses,
                    array_keys($stringing->unitMasses),
                ),
            );
        }

        return $changes;
    }
}
