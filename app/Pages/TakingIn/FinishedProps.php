<?php

declare(strict_types=1);

namespace App\Pages\TakingIn;

use App\Pages\Build\ModelName;
use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class FinishedProps extends Page
{
    public const COMPONENT = 'taking-in/Finished';

    /**
     * @param  list<Option>  $meanings  of a column
     * @param  list<ModelName>  $models
     */
    public function __construct(
        public array $meanings,
        public array $models,
    ) {
    }
}
