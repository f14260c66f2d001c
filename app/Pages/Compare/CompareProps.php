<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use App\Pages\Dict;
use App\Pages\Page;
use App\Pages\Shop\BuildName;

final readonly class CompareProps extends Page
{
    public const COMPONENT = 'route/Compare';

    /**
     * @param  Dict<string>  $asked
     * @param  list<Asked>  $fields
     * @param  list<Asked>  $questions
     * @param  list<Preset>  $presets
     */
    public function __construct(
        public BuildName $build,
        public Dict $asked,
        public array $fields,
        public array $questions,
        public array $presets,
        public ?RouteComparison $comparison,
    ) {
    }
}
