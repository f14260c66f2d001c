<?php

declare(strict_types=1);

namespace Regimen\Route\Entry;

use Regimen\Drawing\Bench\BenchView;
use Regimen\Route\Standards\Stage;

/** An operation of the trade: its entry is all that the house knows of it. */
interface TradeOperation extends RouteKey
{
    public function stage(): Stage;

    public function entry(): Entry;

    /** What of the instrument is drawn for it at the bench. */
    public function view(): BenchView;
}
