<?php

declare(strict_types=1);

namespace App\Pages\Stores;

/** What is missing of one timber. */
final readonly class YardTimber
{
    /**
     * @param  string  $feet  all of it, in board feet
     * @param  list<string>  $standIns  near in weight and hardness
     * @param  list<YardLine>  $lines
     */
    public function __construct(public string $name, public string $feet, public bool $protected, public array $standIns, public array $lines)
    {
    }
}
