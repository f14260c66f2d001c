<?php

declare(strict_types=1);

namespace App\Models;

class FinishStandard extends ShopModel
{
}
