<?php

declare(strict_types=1);

namespace App\Pages\Methods;

use App\Pages\LeavesOutNull;
use JsonSerializable;

final readonly class RouteQuestion implements JsonSerializable
{
    use LeavesOutNull;

    /**
     * @param  list<QuestionChoice>  $choices
     */
    public function __construct(
        public string $key,
        public string $words,
        public string $answer,
        public array $choices,
        public ?string $house = null,
    ) {
    }
}
