<?php

declare(strict_types=1);

namespace App\Models\Money;

use App\Models\ShopModel;

/** To whom an invoice was written, as they were known on its day. Emptied when the law does not want it kept any more. */
class InvoiceBuyer extends ShopModel
{
}
