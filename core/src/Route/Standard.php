<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Units\Duration;

/** A house standard: what one operation usually takes and needs in this shop. */
final readonly class Standard
{
    public function __construct(
        public string $key,
        public string $name,
        public Stage $stage,
        public Duration $setUp,
        public Duration $labour,
        public Duration $hold,
        public Skill $skill,
        public ?string $station = null,
        public ?string $fixture = null,
        public int $fixtures = 1,
        public bool $oneSitting = false,
        public ?Caution $caution = null,
    ) {
    }
}
