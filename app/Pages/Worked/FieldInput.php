<?php

declare(strict_types=1);

namespace App\Pages\Worked;

/** How a field of the specification is written. */
enum FieldInput: string
{
    case Choice = 'choice';
    case Prose = 'prose';
    case Rows = 'rows';
    case Text = 'text';
    case Figure = 'figure';
}
