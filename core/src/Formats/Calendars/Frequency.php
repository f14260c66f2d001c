<?php

declare(strict_types=1);

namespace Regimen\Formats\Calendars;

/** How often something comes again, of those that make whole days (RFC 5545, section 3.3.10). */
enum Frequency: string
{
    case Daily = 'DAILY';
    case Weekly = 'WEEKLY';
    case Monthly = 'MONTHLY';
    case Yearly = 'YEARLY';
}
