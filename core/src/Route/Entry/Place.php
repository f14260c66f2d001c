<?php

declare(strict_types=1);

namespace Regimen\Route\Entry;

use Regimen\Instrument\Specification;
use Regimen\Route\Standards\Piece;

/**
 * Where an operation stands that needs no rule of its own: on which instruments, on which pieces, behind and ahead of
 * what.
 */
final readonly class Place
{
    /**
     * @param  string  $rule  in a few words, as it is named when somebody breaks it
     * @param  \Closure(Specification): bool  $when
     * @param  list<Piece>  $pieces
     * @param  list<Order>  $after
     * @param  list<Order>  $before
     */
    public function __construct(
        public string $rule,
        public \Closure $when,
        public array $pieces,
        public string $why,
        public array $after,
        public array $before = [],
    ) {
    }
}
