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

/** The square back serves board and radius first. */
final readonly class CarvedAfterRadius implements RouteRule
{
    public function name(): string
    {
        return 'The back stays square until the radius is done';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $methods->is(Question::Carve, 'after');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->after(
            NeckOperation::Carve, FretboardOperation::SideMarkers, 'The drill is set against the square side.',
        );
        $draft->after(
            NeckOperation::Carve,
            [FretboardOperation::Radius, FretboardOperation::Glue],
            'Until the radius is done the square back is the reference.',
            'A carved neck does not lie flat: board and radius follow its rocking.',
        );
    }
}
