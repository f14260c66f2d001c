<?php

declare(strict_types=1);

namespace App\Pages\Clients;

/** Something that a client decides. */
final readonly class DecisionLine
{
    /**
     * @param  list<string>  $options
     * @param  string  $words  since when, by when, what it costs
     */
    public function __construct(public int $id, public string $question, public array $options, public string $words, public bool $open, public bool $isLate)
    {
    }
}
