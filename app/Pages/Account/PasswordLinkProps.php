<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Pages\Page;

final readonly class PasswordLinkProps extends Page
{
    public const COMPONENT = 'account/PasswordLink';

    public function __construct(public string $token, public bool $works)
    {
    }
}
