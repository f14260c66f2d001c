<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class FeedsProps extends Page
{
    public const COMPONENT = 'plan/Feeds';

    /**
     * @param  list<FeedLine>  $feeds
     * @param  list<Option>  $people
     * @param  list<Option>  $builds
     */
    public function __construct(
        public array $feeds,
        public array $people,
        public array $builds,
        public bool $manager,
    ) {
    }
}
