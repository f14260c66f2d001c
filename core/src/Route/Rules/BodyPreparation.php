<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Under the clear coats: open pores filled, then colour. */
final readonly class BodyPreparation implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return $specification->needsGrainFill() || $specification->isColoured();
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        if ($specification->needsGrainFill()) {
            $draft->add('finish.fill', [Piece::Body], ['finish']);
            $draft->after('finish.fill', ['body.sand', 'joint.dry-fit'], 'No hole is drilled and nothing is fitted after the finish has begun.');
        }
        if ($specification->isColoured()) {
            $draft->add('finish.colour', [Piece::Body], ['finish'], standard: $specification->finishing->finish->isLacquer() ? 'finish.colour' : 'finish.stain');
            $draft->after('finish.colour', ['body.sand', 'joint.dry-fit'], 'No hole is drilled and nothing is fitted after the finish has begun.');
            $draft->after('finish.colour', 'finish.fill', 'Filler is sanded back, which would take the colour with it.');
        }
    }
}
