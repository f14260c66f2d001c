<?php

declare(strict_types=1);

namespace App\Models\Build;

use App\Models\ShopModel;

class Client extends ShopModel
{
}
