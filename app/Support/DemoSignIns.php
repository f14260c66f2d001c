<?php

declare(strict_types=1);

namespace App\Support;

use App\Pages\Shop\DemoSignIn;

/** The invented people of the demo shop who can sign in; offered only there. */
final class DemoSignIns
{
    public const PASSWORD = 'demo-bench-2026';

    /** @return list<DemoSignIn> */
    public static function all(): array
    {
        return [
            new DemoSignIn(name: 'Ines Varga', role: 'manager', email: 'ines@example.org', password: self::PASSWORD),
            new DemoSignIn(name: 'Tobias Renn', role: 'maker', email: 'tobias@example.org', password: self::PASSWORD),
        ];
    }
}
