<?php

declare(strict_types=1);

namespace App\Documents;

/** Sheets that a printer takes, in millimetres (ISO 216; ANSI/ASME Y14.1). */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    /** @return array{float, float} width and height, upright */
    public function size(): array
    {
        return match ($this) {
            self::A4 => [210.0, 297.0],
            self::Letter => [215.9, 279.4],
        };
    }
}
