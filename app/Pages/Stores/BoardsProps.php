<?php

declare(strict_types=1);

namespace App\Pages\Stores;

use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class BoardsProps extends Page
{
    public const COMPONENT = 'stores/Boards';

    /**
     * @param  list<BoardLine>  $boards
     * @param  string  $find  what was looked for
     * @param  int  $more  boards that are not shown
     * @param  list<NeedLine>  $needs  what builds are still to be cut from, and which boards serve it
     * @param  list<BlankLine>  $blanks  cut and waiting
     * @param  list<string>  $species
     * @param  list<Option>  $cuts
     */
    public function __construct(
        public string $headline,
        public string $balance,
        public array $boards,
        public string $find,
        public int $more,
        public array $needs,
        public array $blanks,
        public array $species,
        public array $cuts,
        public string $today,
    ) {
    }
}
