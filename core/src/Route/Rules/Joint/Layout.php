<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Joint;

use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Nothing is laid out from the outline: the neck gives the centre line, the scale gives the bridge. */
final readonly class Layout implements RouteRule
{
    public function name(): string
    {
        return 'The fitted neck gives the centre line';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $isBox = $specification->bodywork->body === BodyConstruction::FlatTop;
        $draft->add(JointOperation::Bridge, [Piece::Neck, Piece::Body], name: $isBox ? 'bridge position, masked' : null, why: 'The scale ends here.');
        $draft->after(
            JointOperation::Bridge,
            [JointOperation::Pocket, JointOperation::Wings],
            'The fitted neck gives the true centre line and the scale gives the saddle line.',
            'A bridge set from the outline stands beside the strings; its holes are in the top.',
        );
        $draft->after(
            JointOperation::Bridge, NeckOperation::Outline, 'The scale is measured from the end of the neck.',
        );
        $draft->after(
            BodyOperation::Cavities, JointOperation::Bridge, 'Pickups are laid out after the bridge.',
            'Poles beside the strings cannot be moved.',
        );
        $draft->add(
            JointOperation::DryFit,
            [Piece::Neck, Piece::Fretboard, Piece::Body],
            why: 'Everything is there once before the finish, and two strings show whether it plays.',
        );
        $draft->after(
            JointOperation::DryFit,
            [
                NeckOperation::Sand, BodyOperation::Sand, BodyOperation::Wiring, HeadstockOperation::TunerHoles,
                JointOperation::Bridge, FretboardOperation::Sand,
            ],
            'All holes are drilled and everything is fitted dry before any finish.',
            'A hole drilled through finish chips it.',
        );
    }
}
