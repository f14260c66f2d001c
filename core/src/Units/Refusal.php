<?php

declare(strict_types=1);

namespace Regimen\Units;

/** Why a quantity was refused, so that who knows its bounds can say what would be right. */
enum Refusal
{
    case Empty;
    case Unreadable;
    case Negative;
    case TooLarge;
    case Other;
}
