<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Open pores are filled before anything stands on them. */
final readonly class GrainFill implements RouteRule
{
    public function name(): string
    {
        return 'Pores are filled first';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->needsGrainFill();
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('finish.fill', [Piece::Body], ['finish'], why: 'Lacquer sinks into open pores for months.');
        $draft->after('finish.fill', ['body.sand', 'joint.dry-fit'], 'No hole is drilled and nothing is fitted after the finish has begun.', 'What is cut after the finish has begun tears it.');
    }
}
