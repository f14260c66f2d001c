<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Headstock;

use Regimen\Instrument\Neck\HeadstockConstruction;
use Regimen\Instrument\Neck\HeadstockKind;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** An angled headstock sawn from a deep blank. */
final readonly class OnePieceHeadstock implements RouteRule
{
    public function name(): string
    {
        return 'The angle from a square blank';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->head->headstock === HeadstockKind::Angled
            && $specification->head->headConstruction === HeadstockConstruction::OnePiece;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            HeadstockOperation::Construct, [Piece::Neck], standard: HeadstockOperation::SawAngle,
            why: 'The angle presses the strings into the nut.',
        );
        $draft->after(
            NeckOperation::Outline, HeadstockOperation::Construct,
            'The outline runs over the headstock, which must be made before it.',
        );
        $draft->after(
            HeadstockOperation::Thickness, HeadstockOperation::Construct,
            'Its face has to be there before it is brought to thickness.',
        );
        $draft->after(
            HeadstockOperation::Construct, NeckOperation::Square, 'It is laid out from the square blank.',
            'Without a square blank the headstock stands askew.',
        );
    }
}
