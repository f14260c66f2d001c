<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Headstock;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** A neck without a headstock ends at what clamps its strings. */
final readonly class HeadlessEnd implements RouteRule
{
    public function name(): string
    {
        return 'The headpiece sits on a square end';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return ! $specification->head->headstock->hasPosts();
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(HeadstockOperation::Headpiece, [Piece::Neck], why: 'The strings are clamped there, straight behind the nut, and tuned at the bridge.');
        $draft->after(HeadstockOperation::Headpiece, [NeckOperation::Square, NeckOperation::Outline], 'It is drilled on the centre line of a neck that has its width.', 'Drilled askew, it pulls the outer strings off the board.');
        $draft->after(NeckOperation::Carve, HeadstockOperation::Headpiece, 'The end is cut square and drilled while the neck lies flat.', 'A carved neck no longer lies flat under the drill.');
        $draft->after(JointOperation::DryFit, HeadstockOperation::Headpiece, 'All holes are drilled and everything is fitted dry before any finish.', 'A hole drilled through finish chips it.');
    }
}
