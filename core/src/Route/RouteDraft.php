<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\FinishSystem;
use Regimen\Units\Duration;

/** A route in the making: rules add operations and links; a link to an operation that no rule adds falls away. */
final class RouteDraft
{
    /** @var array<string, Operation> */
    private array $operations = [];

    /** @var list<Link> */
    private array $links = [];

    public function __construct(private readonly HouseStandards $standards)
    {
    }

    /**
     * Adds an operation with its house standard.
     *
     * @param  list<Piece>  $pieces
     * @param  list<string>  $needs  keys of kit lines
     * @param  string|null  $standard  the standard's key, where it differs from the operation's
     */
    public function add(string $key, array $pieces, array $needs = [], ?string $standard = null, ?string $name = null, ?Duration $hold = null): void
    {
        $house = $this->standards->operation($standard ?? $key);
        $this->operations[$key] = new Operation($key, $name ?? $house->name, $house, $pieces, $needs, $hold ?? $house->hold);
    }

    /** @param  string|list<string>  $before  operations that must be over before; those that the route lacks are passed over */
    public function after(string $key, string|array $before, string $reason): void
    {
        foreach ((array) $before as $earlier) {
            $this->links[] = new Link($earlier, $key, $reason);
        }
    }

    public function finish(FinishSystem $system): FinishStandard
    {
        return $this->standards->finish($system);
    }

    /** @throws CyclicRoute */
    public function route(): Route
    {
        $links = [];
        foreach ($this->links as $link) {
            if (isset($this->operations[$link->before], $this->operations[$link->after])) {
                $links["{$link->before} {$link->after}"] ??= $link;
            }
        }

        return Route::of(array_values($this->operations), array_values($links));
    }
}
