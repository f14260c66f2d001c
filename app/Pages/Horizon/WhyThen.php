<?php

declare(strict_types=1);

namespace App\Pages\Horizon;

use App\Pages\Shop\Option;
use Regimen\Route\OperationState;

/** One operation on the horizon: who, when, why not sooner, and what it is pinned to. */
final readonly class WhyThen
{
    /**
     * @param  list<string>  $more
     * @param  list<Option>  $others
     */
    public function __construct(
        public int $id,
        public int $build,
        public string $title,
        public string $name,
        public OperationState $state,
        public ?string $person,
        public ?string $start,
        public ?string $workEnd,
        public ?string $finish,
        public string $because,
        public array $more,
        public ?PinShown $pin,
        public array $others,
    ) {
    }
}
