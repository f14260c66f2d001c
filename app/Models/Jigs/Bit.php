<?php

declare(strict_types=1);

namespace App\Models\Jigs;

use App\Models\ShopModel;
use Regimen\Jigs\BitWear;

/** A router's bit: how far it has cut since it was sharpened, and after how much it is, in dm. */
class Bit extends ShopModel
{
    public function wear(): BitWear
    {
        return new BitWear($this->cut, $this->most);
    }
}
