<?php

declare(strict_types=1);

namespace App\Pages\Bench;

use App\Pages\Page;

final readonly class NamesProps extends Page
{
    public const COMPONENT = 'bench/Names';

    /**
     * @param  list<BenchName>  $names
     */
    public function __construct(
        public array $names,
    ) {
    }
}
