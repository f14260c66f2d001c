<?php

declare(strict_types=1);

namespace Regimen\Inspection;

/** Parts that are made in the shop rather than bought. */
enum MadeHere: string
{
    case Neck = 'neck';
    case Body = 'body';
    case Fretboard = 'fretboard';

    /** @return list<string> fields of the specification that can be measured on it */
    public function measured(): array
    {
        return match ($this) {
            self::Neck => [
                'heelWidth', 'thicknessFirst', 'thicknessTwelfth', 'nutWidth', 'headThickness', 'heelThickness',
                'neckMoisture',
            ],
            self::Body => ['pocketWidth', 'pocketDepth', 'pocketLength', 'bodyMoisture', 'controlTop'],
            self::Fretboard => ['boardThickness', 'nutWidth', 'lastWidth', 'slotDepth', 'boardMoisture'],
        };
    }
}
