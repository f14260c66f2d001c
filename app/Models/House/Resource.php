<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\ShopModel;

/** A station or a fixture of the shop, and how many there are. */
class Resource extends ShopModel
{
}
