<?php

declare(strict_types=1);

namespace App\Pages\House;

use App\Pages\Page;

final readonly class ClimateProps extends Page
{
    public const COMPONENT = 'house/Climate';

    /**
     * @param  list<Reading>  $readings
     */
    public function __construct(
        public array $readings,
        public string $since,
        public ?AirRead $now,
        public ?string $forbids,
        public string $factor,
        public bool $isStretched,
        public AirLimits $limits,
    ) {
    }
}
