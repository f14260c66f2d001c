<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Fretboard;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The board radiused and fretted on its own. */
final readonly class FrettedOffTheNeck implements RouteRule
{
    public function name(): string
    {
        return 'The board is fretted before it is glued';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $methods->is(Question::Frets, 'off');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(
            FretboardOperation::Glue, FretboardOperation::Fret,
            'The fretted board is glued with a shaped or padded caul.',
        );
    }
}
