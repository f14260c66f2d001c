<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Neck;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** The shaft: squared, channelled, roughed, cut to outline. */
final readonly class NeckShaft implements RouteRule
{
    public function name(): string
    {
        return 'A square blank as long as it is needed';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            NeckOperation::Square, [Piece::Neck], why: 'Every later cut is set to a face or an edge of the blank.',
        );
        $draft->add(
            NeckOperation::Rough,
            [Piece::Neck],
            standard: Rests::needed($specification) ? NeckOperation::RoughAndRest : NeckOperation::Rough,
            why: 'Most of the waste comes off, left full at heel and headstock.',
        );
        $draft->add(
            NeckOperation::Outline,
            [Piece::Neck],
            why: 'From here on the neck has its width; pins and screws sit where waste or the board hides them.',
        );
        $draft->after(NeckOperation::Rough, NeckOperation::Square, 'The saw follows lines on square faces.');
        $draft->after(
            NeckOperation::Outline, NeckOperation::Rough, 'The template cutter follows what the saw has left.',
        );
        $draft->after(
            NeckOperation::Outline, NeckOperation::Square, 'The template is set to the centre line of the blank.',
        );
        $draft->after(NeckOperation::Outline, PreparationOperation::MakeTemplates, 'It is cut by the template.');
    }
}
