<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

enum Skill: string
{
    case Design = 'design';
    case Necks = 'necks';
    case Frets = 'frets';
    case Bodies = 'bodies';
    case Joints = 'joints';
    case Finish = 'finish';
    case Electronics = 'electronics';
    case SetUp = 'set-up';
}
