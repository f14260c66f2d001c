<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Neck;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** New or laminated timber rests when most of it is cut away, and is checked and flattened again. */
final readonly class RestedNeck implements RouteRule
{
    public function name(): string
    {
        return 'A roughed shaft rests';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return Rests::needed($specification);
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            NeckOperation::Recheck, [Piece::Neck], why: 'Straight edge and winding sticks show what has moved.',
        );
        $draft->after(
            NeckOperation::Recheck,
            NeckOperation::Rough,
            'Glue and timber give way for a week or two when the shaft is roughed; what has moved is flattened again.',
        );
        $draft->after(
            NeckOperation::Outline,
            NeckOperation::Recheck,
            'The template lies on a face that is flat again.',
            'A shaft that moves after its outline is cut cannot be flattened any more.',
        );
        $draft->after(
            FretboardOperation::Glue, NeckOperation::Recheck, 'The board is glued to a flat face.',
            'The bow is glued in.',
        );
    }
}
