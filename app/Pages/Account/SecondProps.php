<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Pages\Page;

final readonly class SecondProps extends Page
{
    public const COMPONENT = 'account/Second';

    public function __construct()
    {
    }
}
