<?php

declare(strict_types=1);

namespace App\Models;

/** A station or a fixture of the shop, and how many there are. */
class Resource extends ShopModel
{
}
