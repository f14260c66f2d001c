<?php

declare(strict_types=1);

namespace App\Support;

/** The invented people of the demo shop who can sign in; offered only there. */
final class DemoSignIns
{
    public const PASSWORD = 'demo-bench-2026';

    /** @return list<array{name: string, role: string, email: string, password: string}> */
    public static function all(): array
    {
        return [
            ['name' => 'Ines Varga', 'role' => 'manager', 'email' => 'ines@example.org', 'password' => self::PASSWORD],
            ['name' => 'Tobias Renn', 'role' => 'maker', 'email' => 'tobias@example.org', 'password' => self::PASSWORD],
        ];
    }
}
