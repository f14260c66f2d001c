<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Pages\Page;

final readonly class AuditProps extends Page
{
    public const COMPONENT = 'account/Audit';

    /** @param  list<AuditLine>  $entries */
    public function __construct(public array $entries)
    {
    }
}
