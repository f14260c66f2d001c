<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Fretboard;

use Regimen\Instrument\Finish\BoardFinish;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** A board that is oiled gets its oil when the mask is off. */
final readonly class OiledBoard implements RouteRule
{
    public function name(): string
    {
        return 'The board is oiled last';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->finishing->boardFinish === BoardFinish::Oiled;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            FretboardOperation::Oil, [Piece::Neck, Piece::Fretboard], why: 'Oil keeps the board from drying out.',
        );
        $draft->after(
            FretboardOperation::Oil,
            [
                FretboardOperation::Fret, FinishOperation::Mask, FinishOperation::PolishNeck, FinishOperation::Polish,
                CoatStep::NeckCure, CoatStep::Cure,
            ],
            'Oil creeps under a mask and keeps lacquer from sticking.',
            'No finish holds where oil has crept.',
        );
        $draft->after(AssemblyOperation::Hardware, FretboardOperation::Oil, 'The oil dries before hands go over it.');
    }
}
