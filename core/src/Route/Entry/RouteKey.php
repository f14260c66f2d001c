<?php

declare(strict_types=1);

namespace Regimen\Route\Entry;

/** A place on a route, named by a symbol: rules link nothing else. Its value is what is kept in records and files. */
interface RouteKey extends \BackedEnum
{
}
