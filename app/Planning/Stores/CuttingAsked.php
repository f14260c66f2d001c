<?php

declare(strict_types=1);

namespace App\Planning\Stores;

/** Which boards are cut, for what, and where the pieces lie where somebody has said so. */
final readonly class CuttingAsked
{
    /**
     * @param  list<int>  $boards
     * @param  list<string>|null  $needs  by key (`41:top.0`); all that the boards can serve where nothing is said
     * @param  list<string>|null  $at  places (`41:top.0|14|25|0|along`, in mm); looked for where nothing is said
     * @param  bool  $mayTurn  whether what finds no place may lie across the grain
     */
    public function __construct(public array $boards, public ?array $needs = null, public ?array $at = null, public bool $mayTurn = false)
    {
    }
}
