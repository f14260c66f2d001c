<?php

declare(strict_types=1);

namespace App\Pages\Money;

/** What goes back when a commission is cancelled. */
final readonly class Cancelling
{
    /**
     * @param  list<Row>  $rows  what was done, bought, can be used elsewhere
     * @param  list<string>  $elsewhere  what can be used elsewhere, by name
     * @param  string  $back  as a field shows it; empty where nothing goes back
     */
    public function __construct(public string $words, public array $rows, public array $elsewhere, public string $back)
    {
    }
}
