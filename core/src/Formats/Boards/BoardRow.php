<?php

declare(strict_types=1);

namespace Regimen\Formats\Boards;

use Regimen\Units\Length;
use Regimen\Units\Money;

/** A line of a table of boards. What stands in no column is null, so that it changes nothing. */
final readonly class BoardRow
{
    /**
     * @param  int  $line  of the file
     * @param  int|null  $number  of a board that is there already; null for a new one
     * @param  array<string, string>  $texts  by column: species, cut, figure, supplier, place, origin, papers, note, bought on
     * @param  float|null  $moisture  in %
     * @param  int|null  $grams  that it weighs
     */
    public function __construct(
        public int $line,
        public ?int $number,
        public array $texts,
        public ?Length $length,
        public ?Length $width,
        public ?Length $thickness,
        public ?Money $cost,
        public ?float $moisture,
        public ?int $grams,
    ) {
    }
}
