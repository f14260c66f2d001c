<?php

declare(strict_types=1);

namespace Regimen\Route\Entry;

use Regimen\Route\Standards\Stage;

/** An operation of the trade: its entry is all that the house knows of it. */
interface TradeOperation extends RouteKey
{
    public function stage(): Stage;

    public function entry(): Entry;
}
