<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Question;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Tuner holes in the square blank. */
final readonly class TunerHolesBefore implements RouteRule
{
    public function name(): string
    {
        return 'Tuner holes before the headstock is cut';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $methods->is(Question::TunerHoles, 'before');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after('neck.tuner-holes', ['neck.headstock', 'neck.wings'], 'They are drilled through what the headstock is made of.');
        $draft->after('neck.outline', 'neck.tuner-holes', 'The template still lies against square edges.');
        $draft->after('neck.headstock-thickness', 'neck.tuner-holes', 'The thicknessing cleans the edges of the holes.');
    }
}
