<?php

declare(strict_types=1);

namespace App\Pages\Stores;

use App\Pages\Cutting\MarkedLine;
use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class BoardProps extends Page
{
    public const COMPONENT = 'stores/Board';

    /**
     * @param  string  $settling  how it comes to the shop's balance, in a sentence
     * @param  string  $because  with its figures
     * @param  list<DefectLine>  $defects
     * @param  list<ServedLine>  $serves  the best use first
     * @param  list<string>  $not  the nearest needs that it does not serve, and why
     * @param  list<string>  $without  what of it finds no place beside the others
     * @param  list<int>  $photographs
     * @param  list<BoardReadingLine>  $readings
     * @param  list<Option>  $kinds
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $headline,
        public string $under,
        public string $size,
        public float $length,
        public float $width,
        public string $colour,
        public ?string $money,
        public string $papers,
        public bool $protected,
        public string $note,
        public string $place,
        public string $figure,
        public string $origin,
        public array $photographs,
        public string $gone,
        public string $settling,
        public string $because,
        public array $defects,
        public array $serves,
        public array $not,
        public ?MarkedLine $layout,
        public array $without,
        public array $readings,
        public array $kinds,
    ) {
    }
}
