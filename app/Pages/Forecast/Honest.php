<?php

declare(strict_types=1);

namespace App\Pages\Forecast;

/** How often what was forecast came true, in a small picture. */
final readonly class Honest
{
    /** @param  list<HonestPoint>  $points */
    public function __construct(public string $words, public array $points)
    {
    }
}
