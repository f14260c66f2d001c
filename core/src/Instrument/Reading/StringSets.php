<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Strings\Gauge;
use Regimen\Strings\Note;

/** Usual tunings and gauges, treble first (CALCULATIONS S3); common practice. */
final class StringSets
{
    private const TUNING = [
        'guitar' => ['E4', 'B3', 'G3', 'D3', 'A2', 'E2', 'B1', 'F#1', 'C#1'],
        'bass' => ['C3', 'G2', 'D2', 'A1', 'E1', 'B0'],
    ];

    private const GAUGES = [
        'guitar' => ['10', '13', '17', '26w', '36w', '46w', '59w', '74w', '90w'],
        'flat-top' => ['12', '16', '24w', '32w', '42w', '53w', '64w', '80w', '105w'],
        'bass' => ['32w', '45w', '65w', '85w', '105w', '130w'],
    ];

    private const NYLON = ['28', '32', '40', '29w', '35w', '43w'];

    /**
     * The second string of a course, by course: its octave above and gauge; the first two courses of a guitar are in
     * unison.
     */
    private const PAIRS = [
        'guitar' => [['E4', '10'], ['B3', '13'], ['G4', '9'], ['D4', '12'], ['A3', '18w'], ['E3', '26w']],
        'bass' => [['C4', '16'], ['G3', '22w'], ['D3', '32w'], ['A2', '42w'], ['E2', '52w'], ['B1', '65w']],
    ];

    /** @return list<Note> empty when there is no usual tuning for so many strings */
    public static function tuning(InstrumentType $type, int $strings): array
    {
        return array_map(
            Note::parse(...),
            self::pick($type, $strings, self::TUNING[$type === InstrumentType::Bass ? 'bass' : 'guitar'], 0),
        );
    }

    /** @return list<Gauge> empty when there is no usual set for so many strings */
    public static function nylon(int $strings): array
    {
        return $strings > count(self::NYLON) ? [] : array_map(Gauge::parse(...), array_slice(self::NYLON, 0, $strings));
    }

    /** @return list<Gauge> empty when there is no usual set for so many strings */
    public static function gauges(InstrumentType $type, int $strings): array
    {
        return array_map(Gauge::parse(...), self::pick($type, $strings, self::GAUGES[$type->value], 1));
    }

    /**
     * @param  list<string>  $single
     * @return list<string>
     */
    private static function pick(InstrumentType $type, int $strings, array $single, int $of): array
    {
        $bass = $type === InstrumentType::Bass;
        $doubled = $type->isDoubled($strings);
        $courses = $doubled ? intdiv($strings, 2) : $strings;
        if ($courses > count($single)) {
            return [];
        }
        $first = $bass && $courses < 6 ? 1 : 0;
        $chosen = [];
        for ($course = $first; $course < $first + $courses; $course++) {
            if (! isset($single[$course])) {
                return [];
            }
            $chosen[] = $single[$course];
            if ($doubled) {
                $chosen[] = self::PAIRS[$bass ? 'bass' : 'guitar'][$course][$of];
            }
        }

        return $chosen;
    }
}
