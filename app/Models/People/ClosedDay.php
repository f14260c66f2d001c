<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\ShopModel;

class ClosedDay extends ShopModel
{
}
