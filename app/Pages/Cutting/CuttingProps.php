<?php

declare(strict_types=1);

namespace App\Pages\Cutting;

use App\Pages\Page;

/** A cutting plan: boards, what is cut from them, and where it lies. */
final readonly class CuttingProps extends Page
{
    public const COMPONENT = 'stores/Cutting';

    /**
     * @param  list<CutChoice>  $choices  boards that could be cut
     * @param  list<CutChoice>  $needs  what could be cut from those that are chosen
     * @param  list<MarkedLine>  $boards  as they are marked
     * @param  list<string>  $without  what finds no place
     * @param  list<string>  $at  all places, as an address says them
     * @param  bool  $byHand  whether somebody has laid them
     * @param  bool  $turned  whether what finds no place may lie across the grain
     * @param  bool  $sound  whether it can be cut so
     * @param  int  $tries  after how many this was the best
     * @param  string  $weak  what would be won across the grain, and why that is weak; empty where nothing is
     * @param  list<string>  $cautions
     */
    public function __construct(
        public string $headline,
        public array $choices,
        public array $needs,
        public array $boards,
        public array $without,
        public array $at,
        public bool $byHand,
        public bool $turned,
        public bool $sound,
        public int $tries,
        public string $weak,
        public array $cautions,
    ) {
    }
}
