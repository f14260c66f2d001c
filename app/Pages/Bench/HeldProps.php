<?php

declare(strict_types=1);

namespace App\Pages\Bench;

use App\Pages\Page;

final readonly class HeldProps extends Page
{
    public const COMPONENT = 'bench/Held';

    /**
     * @param  list<HeldLine>  $lines
     */
    public function __construct(
        public string $headline,
        public array $lines,
    ) {
    }
}
