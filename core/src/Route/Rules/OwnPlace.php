<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Entry\Place;
use Regimen\Route\Entry\TradeOperation;
use Regimen\Route\Methods\Methods;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** An operation whose entry says itself where it stands. */
final readonly class OwnPlace implements RouteRule
{
    public function __construct(private TradeOperation $operation, private Place $place)
    {
    }

    public function name(): string
    {
        return $this->place->rule;
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return ($this->place->when)($specification);
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add($this->operation, $this->place->pieces, why: $this->place->why);
        foreach ($this->place->after as $order) {
            $draft->after($this->operation, $order->keys, $order->reason, $order->spoils);
        }
        foreach ($this->place->before as $order) {
            $draft->after($order->keys, $this->operation, $order->reason, $order->spoils);
        }
    }
}
