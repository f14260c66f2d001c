<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

/** Steps of a chain of reasons that are one story; opened, they are told one by one. */
final readonly class ReasonStory
{
    /**
     * @param  string  $name  of its one step, or of all of them together
     * @param  string  $because  why it did not begin sooner
     * @param  list<int>  $steps  their places in the chain
     */
    public function __construct(public string $name, public ?string $start, public string $because, public array $steps)
    {
    }
}
