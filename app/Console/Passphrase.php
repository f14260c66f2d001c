<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;

/** The passphrase of sealed copies: from the environment, or typed without being shown. */
final class Passphrase
{
    public static function ask(Command $command): string
    {
        $given = getenv('REGIMEN_PASSPHRASE');

        return $given !== false && $given !== ''
            ? $given
            : (string) $command->secret('The passphrase of the sealed copy');
    }
}
