<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Fretboard;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Radius and frets on the glued board. */
final readonly class FrettedOnTheNeck implements RouteRule
{
    public function name(): string
    {
        return 'Radius and frets on the neck';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $methods->is(Question::Frets, 'on');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(
            FretboardOperation::Radius, FretboardOperation::Glue, 'The neck, still square, is the flat reference.',
            'A board that is radiused first follows every bow of the glue-up.',
        );
    }
}
