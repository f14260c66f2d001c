<?php

declare(strict_types=1);

namespace Regimen\Route\Edits;

use Regimen\Route\Judge\Damage;
use Regimen\Route\Judge\RouteJudge;
use Regimen\Route\Route;

/** A derived route with what has been changed on it. */
final readonly class EditedRoute
{
    /**
     * @param  array<int, string>  $words  what was changed, by the change's number
     * @param  array<int, string>  $left  what could not be carried over, and why
     */
    public function __construct(public Route $derived, public Route $route, public array $words, public array $left)
    {
    }

    /** @return list<Damage> what the changes would spoil */
    public function damage(): array
    {
        return $this->words === [] ? [] : RouteJudge::damage($this->derived, $this->route);
    }
}
