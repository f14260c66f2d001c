<?php

declare(strict_types=1);

namespace App\Pages\Today;

/** Hours or money that were set for a build and will not do. */
final readonly class BudgetInDanger
{
    public function __construct(public int $build, public string $title, public string $words)
    {
    }
}
