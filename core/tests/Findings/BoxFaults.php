<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use Regimen\Findings\Severity;

/** What can be wrong with a flat-top and with nylon strings. */
final class BoxFaults
{
    private const BOX = ['type' => 'flat-top'];

    /** @return iterable<string, array{string, Severity, array<string, mixed>}> the finding's key, how bad, what is typed */
    public static function faults(): iterable
    {
        $brace = ['fromBehind' => '-120', 'fromAcross' => '-80', 'toBehind' => '60', 'toAcross' => '90', 'height' => '12'];
        foreach ([
            'a thin back' => ['box-back', Severity::Warn, ['backThickness' => '1.7']],
            'a back like a board' => ['box-back', Severity::Stop, ['backThickness' => '7']],
            'sides that do not bend' => ['box-side', Severity::Warn, ['sideThickness' => '3.4']],
            'a brace beyond the plate' => ['bracing-off', Severity::Stop, ['braces' => [[...$brace, 'toAcross' => '280']]]],
            'a brace across the hole' => ['bracing-hole', Severity::Stop, ['braces' => [['fromBehind' => '-190', 'fromAcross' => '-90', 'toBehind' => '-140', 'toAcross' => '90', 'height' => '12']]]],
            'a brace of no length' => ['bracing-short', Severity::Stop, ['braces' => [[...$brace, 'toBehind' => '-115', 'toAcross' => '-75']]]],
            'braces as high as the box' => ['brace-height', Severity::Warn, ['braceHeight' => '40', 'boxDepthNeck' => '70']],
            'a hole at the edge' => ['hole-edge', Severity::Stop, ['soundHole' => '150', 'rosette' => '40', 'bodyWidth' => '250']],
            'a hole under the bridge' => ['hole-bridge', Severity::Warn, ['soundHoleBefore' => '80']],
            'a hole under the board' => ['hole-board', Severity::Warn, ['soundHoleBefore' => '210']],
            'a saddle that comes too low' => ['neck-set', Severity::Warn, ['neckAngle' => '-0.6°']],
            'a saddle that comes far too low' => ['neck-set', Severity::Stop, ['neckAngle' => '-2°']],
            'steel on a fan' => ['fan-bracing', Severity::Stop, ['bracing' => 'fan']],
            'nylon on a cross' => ['nylon-crossed', Severity::Note, ['stringMaterial' => 'nylon', 'bracing' => 'crossed']],
            'steel on a tied bridge' => ['steel-tied', Severity::Stop, ['bridge' => 'tied']],
            'nylon in steel’s gauges' => ['nylon-gauges', Severity::Stop, ['stringMaterial' => 'nylon', 'gauges' => '12 16 24w 32w 42w 53w']],
            'a top that no table knows' => ['plate-unknown', Severity::Note, ['layers' => [['timber' => 'okoume', 'thickness' => '2.8']]]],
        ] as $name => [$key, $severity, $typed]) {
            yield $name => [$key, $severity, [...self::BOX, ...$typed]];
        }
        yield 'magnets under nylon' => ['nylon-magnets', Severity::Stop, ['stringMaterial' => 'nylon']];
    }
}
