<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Finish;

use Regimen\Instrument\Finish\NeckFinish;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** The back of a glued neck that is to feel like timber: rubbed through and oiled. */
final readonly class OiledBack implements RouteRule
{
    public function name(): string
    {
        return 'The back is rubbed through after the polish';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->joinery->joint->isGlued() && $specification->finishing->neckFinish !== NeckFinish::AsBody
            && $specification->finishing->finish->isLacquer();
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            FinishOperation::NeckBack, [Piece::Neck, Piece::Fretboard, Piece::Body],
            why: 'The back is to feel like timber.',
        );
        $draft->after(
            FinishOperation::NeckBack, [FinishOperation::Polish, CoatStep::Cure],
            'The line is masked on polished lacquer.',
        );
        $draft->after(AssemblyOperation::Hardware, FinishOperation::NeckBack, 'The oil dries before hands go over it.');
    }
}
