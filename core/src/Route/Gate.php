<?php

declare(strict_types=1);

namespace Regimen\Route;

/** What is measured at the end of an operation before the next one begins; common practice. */
final class Gate
{
    private const MEASURES = [
        'parts.measure' => 'every part against the drawing',
        'parts.timber' => 'moisture within 1 % of the shop’s balance',
        'neck.channel' => 'channel on centre, depth of the rod + 0.2 mm',
        'neck.headstock-thickness' => 'headstock 14–16 mm',
        'fretboard.slots' => 'nut to twelfth fret: half the scale ± 0.2 mm',
        'fretboard.radius' => 'radius gauge, no light over 0.05 mm',
        'fretboard.fret' => 'no fret rocks over 0.03 mm',
        'neck.carve' => 'thickness at first and twelfth ± 0.3 mm',
        'joint.pocket' => 'gap each side at most 0.15 mm, centre line within 0.25 mm',
        'joint.bridge' => 'nut to saddle line ± 0.5 mm',
        'body.cavities' => 'depths ± 0.2 mm, at least 3 mm left',
        'electronics.install' => 'tap test at every switch position',
        'set-up.nut' => 'nut height over the first fret 0.3–0.5 mm',
        'set-up.string' => 'relief 0.10–0.30 mm, action, intonation ± 2 cents',
        'delivery.inspect' => 'everything that was promised, and the weight',
    ];

    public static function after(string $operation): ?string
    {
        return self::MEASURES[$operation] ?? null;
    }
}
