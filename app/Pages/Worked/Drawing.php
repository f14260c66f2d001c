<?php

declare(strict_types=1);

namespace App\Pages\Worked;

final readonly class Drawing
{
    /**
     * @param  array{float, float, float, float}  $box
     * @param  list<Shape>  $shapes
     */
    public function __construct(
        public string $key,
        public string $title,
        public array $box,
        public array $shapes,
    ) {
    }
}
