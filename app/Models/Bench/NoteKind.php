<?php

declare(strict_types=1);

namespace App\Models\Bench;

enum NoteKind: string
{
    case Note = 'note';
    case Wrong = 'wrong';
}
