<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Pages\Page;
use App\Queries\Bench\HeldPage;

/** How well the house works. */
final class HeldController
{
    public function show(HeldPage $page): Page
    {
        return $page->data();
    }
}
