<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Route\Entry\RouteKey;

/** Steps of a finish that take another operation's standard: coats and what is done to them, by surface. */
enum CoatStep: string implements RouteKey
{
    case BodySeal = 'finish.body.seal';
    case BodyCure = 'finish.body.cure';
    case BodyLevel = 'finish.body.level';
    case BodyPolish = 'finish.body.polish';
    case NeckSeal = 'finish.neck.seal';
    case NeckCure = 'finish.neck.cure';
    case Cure = 'finish.cure';
}
