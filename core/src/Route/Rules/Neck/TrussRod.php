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

/** The rod’s channel, cut from the square edge and tested before it is closed. */
final readonly class TrussRod implements RouteRule
{
    public function name(): string
    {
        return 'The channel is cut from a square edge';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->neck->rodLength->mm > 0;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            NeckOperation::Channel,
            [Piece::Neck],
            why: 'The rod runs on the centre line; a first pass a hair deep shows whether it does.',
        );
        $draft->after(
            NeckOperation::Channel,
            NeckOperation::Square,
            'The channel is cut from the edge of the blank, which has to be square.',
            'A channel off the centre line cannot be moved; the blank is lost.',
        );
        $draft->after(
            NeckOperation::Rough,
            NeckOperation::Channel,
            'The channel needs the square sides that roughing takes away.',
            'Without its square sides the blank cannot be guided; the channel wanders.',
        );
        $draft->after(
            NeckOperation::Outline, NeckOperation::Channel,
            'The template is set to the centre line that the channel shows.',
        );
        $draft->after(
            FretboardOperation::Glue, NeckOperation::Channel, 'The rod is in and tested before the board closes it.',
            'The board closes the channel; the neck has no rod.',
        );
    }
}
