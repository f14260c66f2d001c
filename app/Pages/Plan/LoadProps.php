<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Pages\Page;

final readonly class LoadProps extends Page
{
    public const COMPONENT = 'plan/Load';

    /**
     * @param  list<string>  $weeks
     * @param  list<LoadRow>  $rows
     */
    public function __construct(
        public string $heading,
        public array $weeks,
        public array $rows,
    ) {
    }
}
