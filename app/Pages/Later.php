<?php

declare(strict_types=1);

namespace App\Pages;

use Closure;
use Inertia\DeferProp;
use Inertia\Inertia;

/**
 * What takes longer than its page, and follows it in a request of its own.
 *
 * @template-covariant T
 */
final readonly class Later
{
    /** @param  Closure(): T  $make */
    public function __construct(private Closure $make)
    {
    }

    public function deferred(): DeferProp
    {
        return Inertia::defer($this->make);
    }
}
