<?php

declare(strict_types=1);

namespace App\Pages\Parts;

/** What stands on a label. */
final readonly class Label
{
    /**
     * @param  string  $kind  `board`, `blank`, `piece`, `part` or `drawer`
     * @param  string  $name  its number, or what the drawer is called
     * @param  string  $words  in large
     * @param  string  $under  in small
     */
    public function __construct(public string $kind, public string $name, public string $words, public string $under)
    {
    }

    /** As a page says which are to be printed. */
    public function key(): string
    {
        return "{$this->kind} {$this->name}";
    }

    /** What its code says: an address of the shop, so that any telephone opens it. */
    public function address(): string
    {
        return route('label', ['kind' => $this->kind, 'name' => $this->name]);
    }
}
