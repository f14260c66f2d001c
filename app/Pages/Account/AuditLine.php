<?php

declare(strict_types=1);

namespace App\Pages\Account;

final readonly class AuditLine
{
    public function __construct(
        public int $id,
        public string $at,
        public string $kind,
        public string $words,
        public string $place,
    ) {
    }
}
