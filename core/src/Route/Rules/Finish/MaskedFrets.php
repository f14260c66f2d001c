<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Finish;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** The other school of rule 2: fretted first, every fret masked. */
final readonly class MaskedFrets implements RouteRule
{
    public function name(): string
    {
        return 'Every fret is masked under lacquer';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->boardIsLacquered() && $methods->is(Question::LacqueredBoard, 'masked');
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            FinishOperation::Mask, [Piece::Neck, Piece::Fretboard], standard: FinishOperation::MaskFrets,
            why: 'Lacquer stays off the frets.',
        );
        $draft->after(FinishOperation::Mask, FretboardOperation::Fret, 'Each fret is masked by hand once it is in.');
        $draft->after(
            FinishOperation::Mask,
            [NeckOperation::Sand, JointOperation::GlueNeck, JointOperation::DryFit],
            'The mask goes on when no more sanding or fitting would lift it.',
        );
    }
}
