<?php

declare(strict_types=1);

namespace App\Pages\Specification;

use App\Pages\Page;

final readonly class HouseModelsProps extends Page
{
    public const COMPONENT = 'specification/HouseModels';

    /**
     * @param  list<HouseModelLine>  $models
     */
    public function __construct(
        public array $models,
    ) {
    }
}
