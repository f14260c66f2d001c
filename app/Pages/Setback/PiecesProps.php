<?php

declare(strict_types=1);

namespace App\Pages\Setback;

use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class PiecesProps extends Page
{
    public const COMPONENT = 'setback/Pieces';

    /**
     * @param  list<PieceLine>  $stock
     * @param  list<PieceLine>  $elsewhere  in another instrument, or written off
     * @param  list<Option>  $builds
     * @param  list<Option>  $kinds
     */
    public function __construct(
        public string $headline,
        public array $stock,
        public array $elsewhere,
        public array $builds,
        public array $kinds,
    ) {
    }
}
