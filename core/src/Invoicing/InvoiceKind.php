<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

/** In the codes of UNTDID 1001. */
enum InvoiceKind: string
{
    case Invoice = '380';
    case CreditNote = '381';
}
