<?php

declare(strict_types=1);

namespace App\Queries\Account;

use App\Models\Account\AuditEntry;
use App\Pages\Account\AuditLine;
use App\Pages\Account\AuditProps;

/** Sign-ins, changes of rights, and what was done with all data, the newest first. */
final class AuditPage
{
    private const MOST = 300;

    public function data(): AuditProps
    {
        $entries = AuditEntry::query()->orderByDesc('id')->limit(self::MOST)->get();

        return new AuditProps(array_values($entries->map(static fn (AuditEntry $one): AuditLine => new AuditLine(
            id: $one->id, at: (string) $one->instant('at'), kind: $one->kind, words: $one->words, place: $one->place,
        ))->all()));
    }
}
