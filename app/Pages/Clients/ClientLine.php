<?php

declare(strict_types=1);

namespace App\Pages\Clients;

/** A client in the list. */
final readonly class ClientLine
{
    /**
     * @param  list<int>  $open  numbers of what is in the making
     * @param  int  $over  how many are finished or called off
     */
    public function __construct(public int $id, public string $name, public string $reach, public array $open, public int $over, public ?string $lastTalk)
    {
    }
}
