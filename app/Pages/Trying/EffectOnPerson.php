<?php

declare(strict_types=1);

namespace App\Pages\Trying;

final readonly class EffectOnPerson
{
    /**
     * @param  list<MovedOperation>  $moves
     */
    public function __construct(
        public string $person,
        public array $moves,
        public int $more,
    ) {
    }
}
