<?php

declare(strict_types=1);

namespace App\Pages\Build;

final readonly class OpenBuild extends BuildLine
{
    public function __construct(
        BuildLine $line,
        public string $stage,
    ) {
        parent::__construct(...get_object_vars($line));
    }
}
