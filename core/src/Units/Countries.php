<?php

declare(strict_types=1);

namespace Regimen\Units;

/** Countries by their ISO 3166-1 codes of two letters, with English names, from the ICU data of PHP's intl extension. */
final class Countries
{
    /** Codes that ICU has beside those of the standard: exceptional reservations, groupings and tests. */
    private const NONE = ['AC', 'CP', 'CQ', 'DG', 'EA', 'EU', 'EZ', 'IC', 'QO', 'TA', 'UN', 'XA', 'XB', 'ZZ'];

    /** @return array<string, string> names by code, in the order of the names */
    public static function all(): array
    {
        static $all = null;
        if ($all === null) {
            $all = [];
            foreach (\ResourceBundle::create('en', 'ICUDATA-region')?->get('Countries') ?? [] as $code => $name) {
                strlen((string) $code) === 2 && ! in_array($code, self::NONE, true) && $all[(string) $code] = (string) $name;
            }
            asort($all);
        }

        return $all;
    }

    public static function name(string $code): ?string
    {
        return self::all()[$code] ?? null;
    }

    /** The code of what somebody typed, a name or a code; null where it is none. */
    public static function code(string $typed): ?string
    {
        $said = trim($typed);
        if (self::name(mb_strtoupper($said)) !== null) {
            return mb_strtoupper($said);
        }
        foreach (self::all() as $code => $name) {
            if (mb_strtolower($name) === mb_strtolower($said)) {
                return $code;
            }
        }

        return null;
    }
}
