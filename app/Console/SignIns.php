<?php

declare(strict_types=1);

namespace App\Console;

use App\Support\DemoSignIns;
use Illuminate\Console\Command;

final class SignIns extends Command
{
    protected $signature = 'regimen:sign-ins';

    protected $description = 'Prints how to sign in to the demo shop';

    public function handle(): int
    {
        foreach (DemoSignIns::all() as $one) {
            $this->line("  sign in as {$one->role}: {$one->email}, password {$one->password}");
        }

        return self::SUCCESS;
    }
}
