<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

/** The first cut into each piece. */
final class FirstCuts
{
    public const ALL = ['neck.laminate', 'neck.square', 'fretboard.thickness', 'body.joint', 'body.thickness', 'body.layers'];
}
