<?php

declare(strict_types=1);

namespace App\Pages\Methods;

use App\Pages\Shop\Option;

final readonly class RouteChoices
{
    /**
     * @param  list<Option>  $stages
     * @param  list<Option>  $skills
     * @param  list<ResourceOption>  $resources
     * @param  list<PatternLine>  $patterns
     */
    public function __construct(
        public array $stages,
        public array $skills,
        public array $resources,
        public array $patterns,
    ) {
    }
}
