<?php

declare(strict_types=1);

namespace App\Pages\Parts;

use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class AwayProps extends Page
{
    public const COMPONENT = 'stores/Away';

    /**
     * @param  list<SentLine>  $works  to be sent, or away
     * @param  list<string>  $before  what came back last
     * @param  list<Option>  $builds
     * @param  list<Option>  $suppliers
     * @param  list<SendChoice>  $operations  of the build that is chosen
     */
    public function __construct(
        public string $headline,
        public array $works,
        public array $before,
        public array $builds,
        public array $suppliers,
        public ?int $build,
        public int $routeVersion,
        public string $operation,
        public array $operations,
        public string $today,
    ) {
    }
}
