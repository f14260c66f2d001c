<?php

declare(strict_types=1);

namespace App\Backups;

use RuntimeException;

/** A copy that cannot be written, opened or restored, in a sentence. */
final class UnusableCopy extends RuntimeException
{
}
