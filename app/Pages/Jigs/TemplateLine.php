<?php

declare(strict_types=1);

namespace App\Pages\Jigs;

final readonly class TemplateLine
{
    public function __construct(public int $id, public string $name, public string $what, public string $standing, public bool $trouble, public bool $retired, public string $place)
    {
    }
}
