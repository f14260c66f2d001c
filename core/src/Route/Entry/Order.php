<?php

declare(strict_types=1);

namespace Regimen\Route\Entry;

/** What an operation stands behind, or ahead of, and why. */
final readonly class Order
{
    /**
     * @param  non-empty-list<RouteKey>  $keys  those that the route lacks are passed over
     * @param  string  $spoils  what is spoiled for good otherwise; empty where it only costs quality or time
     */
    public function __construct(public array $keys, public string $reason, public string $spoils = '')
    {
    }
}
