<?php

declare(strict_types=1);

namespace Regimen\Route\Entry;

use Regimen\Route\Air\HoldKind;
use Regimen\Route\Standards\Fixture;
use Regimen\Units\Duration;

/** What an operation leaves alone afterwards: how long at 20 °C, why, and which fixtures that keeps occupied. */
final readonly class Hold
{
    private function __construct(
        public Duration $time,
        public HoldKind $kind,
        public ?Fixture $fixture,
        public int $fixtures,
    ) {
    }

    /** @param  float  $hours  clock time at 20 °C */
    public static function of(float $hours, HoldKind $kind, ?Fixture $fixture = null, int $fixtures = 1): self
    {
        return new self(Duration::ofHours($hours), $kind, $fixture, $fixtures);
    }
}
