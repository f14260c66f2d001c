<?php

declare(strict_types=1);

namespace Regimen\Setback;

/** Why something went wrong, as makers group it (common practice, no single source). */
enum Cause: string
{
    case Hand = 'hand';
    case Tool = 'tool';
    case Template = 'template';
    case Reading = 'reading';
    case Drawing = 'drawing';
    case Timber = 'timber';
    case Part = 'part';
    case Glue = 'glue';
    case Air = 'air';
    case Machine = 'machine';
    case Accident = 'accident';
    case Unknown = 'unknown';

    public function words(): string
    {
        return match ($this) {
            self::Hand => 'a slip of the hand',
            self::Tool => 'a dull or wrong tool',
            self::Template => 'a template or jig',
            self::Reading => 'measured or marked out wrong',
            self::Drawing => 'the drawing or the specification',
            self::Timber => 'the timber',
            self::Part => 'a bought part',
            self::Glue => 'glue or finish',
            self::Air => 'cold or damp',
            self::Machine => 'a machine',
            self::Accident => 'an accident',
            self::Unknown => 'not known',
        };
    }
}
