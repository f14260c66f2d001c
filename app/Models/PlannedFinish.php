<?php

declare(strict_types=1);

namespace App\Models;

/** What a plan expected of a build: the history of its finish. */
class PlannedFinish extends ShopModel
{
}
