<?php

declare(strict_types=1);

namespace App\Pages\Methods;

final readonly class QuestionChoice
{
    public function __construct(
        public string $key,
        public string $words,
        public string $follows,
    ) {
    }
}
