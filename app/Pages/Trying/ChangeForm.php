<?php

declare(strict_types=1);

namespace App\Pages\Trying;

/** How a kind of change is asked for. */
final readonly class ChangeForm
{
    /**
     * @param  list<ChangeField>  $fields
     */
    public function __construct(public string $kind, public string $words, public array $fields)
    {
    }
}
