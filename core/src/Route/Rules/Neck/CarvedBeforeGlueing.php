<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Neck;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The neck carved on its own, then held in a cradle. */
final readonly class CarvedBeforeGlueing implements RouteRule
{
    public function name(): string
    {
        return 'The neck is carved before the board is on';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $methods->is(Question::Carve, 'before');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(
            FretboardOperation::Glue, NeckOperation::Carve, 'A cradle shaped to the carve holds it from here on.',
        );
        $draft->after(
            FretboardOperation::Radius, NeckOperation::Carve, 'The cradle is the reference instead of a square back.',
        );
    }
}
