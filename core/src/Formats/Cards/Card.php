<?php

declare(strict_types=1);

namespace Regimen\Formats\Cards;

/** A person as an address book knows them. */
final readonly class Card
{
    /** @param  string  $address  several lines, street first */
    public function __construct(public string $name, public string $email = '', public string $phone = '', public string $address = '', public string $note = '')
    {
    }
}
