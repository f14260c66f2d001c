<?php

declare(strict_types=1);

namespace App\Pages\Shop;

use App\Pages\Page;

final readonly class FirstStepsProps extends Page
{
    public const COMPONENT = 'shop/FirstSteps';

    /** @param  list<FirstStep>  $steps */
    public function __construct(
        public string $heading,
        public array $steps,
    ) {
    }
}
