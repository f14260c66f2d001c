<?php

declare(strict_types=1);

namespace App\Planning\Problem;

/** What comes before an operation, as a plan needs it. */
final readonly class Before
{
    /**
     * @param  int|null  $window  minutes within which a coat has to follow; none for other links
     * @param  string|null  $doneAt  when its labour was done, as the column has it
     */
    public function __construct(public int $id, public ?int $window, public ?string $doneAt, public bool $isOpen)
    {
    }
}
