<?php

declare(strict_types=1);

namespace App\Planning\Clients;

use Regimen\Units\Money;

/** One thing otherwise about a sketch, and what it saves. */
final readonly class CheaperWay
{
    /**
     * @param  int  $minutes  of work that it saves; below zero where it takes more
     * @param  float  $grams  by which it is heavier
     */
    public function __construct(public string $field, public string $from, public string $to, public Money $saves, public Money $price, public int $minutes, public float $grams)
    {
    }
}
