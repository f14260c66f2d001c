<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class LogbookProps extends Page
{
    public const COMPONENT = 'shop/Logbook';

    /**
     * @param  list<LogbookDay>  $days
     * @param  list<Option>  $people
     * @param  list<Option>  $kinds
     * @param  list<Option>  $builds
     */
    public function __construct(
        public string $headline,
        public array $days,
        public LogbookAsked $asked,
        public array $people,
        public array $kinds,
        public array $builds,
        public ?int $earlier,
    ) {
    }
}
