<?php

declare(strict_types=1);

namespace Regimen\Route;

/** In a few words, what is measured at the end of an operation before the next one begins; targets are in the gate book. */
final class Gate
{
    private const MEASURES = [
        'parts.measure' => 'every part against the drawing',
        'parts.timber' => 'moisture against the shop’s balance',
        'neck.square' => 'bow and twist',
        'neck.recheck' => 'bow and twist',
        'neck.outline' => 'width at nut and heel',
        'joint.wings' => 'centre line',
        'set-up.frets' => 'no fret rocks',
        'neck.channel' => 'channel on centre, and its depth',
        'neck.headstock-thickness' => 'headstock thickness',
        'fretboard.slots' => 'nut to twelfth fret',
        'fretboard.radius' => 'light under the radius gauge',
        'fretboard.fret' => 'no fret rocks',
        'neck.carve' => 'thickness at first and twelfth',
        'joint.pocket' => 'gap each side, depth, centre line',
        'joint.bridge' => 'nut to saddle line',
        'body.cavities' => 'depths, and what is left',
        'electronics.install' => 'tap test at every switch position',
        'set-up.nut' => 'strings over the first fret',
        'set-up.string' => 'relief, action, intonation',
        'delivery.inspect' => 'everything that was promised, and the weight',
    ];

    public static function after(string $operation): ?string
    {
        return self::MEASURES[$operation] ?? match (true) {
            str_starts_with($operation, 'parts.measure.') => 'the part against the drawing',
            str_starts_with($operation, 'parts.timber.') => self::MEASURES['parts.timber'],
            default => null,
        };
    }
}
