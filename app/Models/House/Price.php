<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\ShopModel;

class Price extends ShopModel
{
}
