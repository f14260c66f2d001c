<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Models\People\Person;
use App\Pages\Page;
use App\Queries\Parts\StoresPage;
use App\Queries\Parts\ValuesPage;
use Illuminate\Container\Attributes\CurrentUser;

/** What is missing, late, wrong and on its way. */
final class StoresController
{
    public function show(StoresPage $page, #[CurrentUser] Person $viewer): Page
    {
        return $page->data($viewer);
    }

    public function values(ValuesPage $page): Page
    {
        return $page->data();
    }
}
