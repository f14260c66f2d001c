<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Pages\Shop\Option;

final readonly class Choices
{
    /**
     * @param  list<Option>  $people
     * @param  list<Option>  $builds
     * @param  list<Option>  $resources
     * @param  list<Option>  $parts
     * @param  list<Option>  $models
     * @param  list<Option>  $away
     * @param  list<Option>  $skills
     */
    public function __construct(
        public array $people,
        public array $builds,
        public array $resources,
        public array $parts,
        public array $models,
        public array $away,
        public array $skills,
    ) {
    }
}
