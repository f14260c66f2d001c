<?php

declare(strict_types=1);

namespace App\Pages\Trying;

final readonly class EffectOnBuild
{
    public function __construct(
        public int $number,
        public string $title,
        public bool $isNew,
        public ?BuildStanding $before,
        public BuildStanding $after,
        public bool $gained,
        public bool $broken,
    ) {
    }
}
