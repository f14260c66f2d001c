<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

/** With what an operation is done; which of them there are, and their hours, is each shop's own. */
enum Tool: string
{
    case Hand = 'hand';
    case Template = 'template';
    case Machine = 'machine';
}
