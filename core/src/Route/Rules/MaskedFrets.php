<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\Question;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

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
        $draft->add('finish.mask', [Piece::Neck, Piece::Fretboard], standard: 'finish.mask-frets', why: 'Lacquer stays off the frets.');
        $draft->after('finish.mask', 'fretboard.fret', 'Each fret is masked by hand once it is in.');
        $draft->after('finish.mask', ['neck.sand', 'joint.glue-neck', 'joint.dry-fit'], 'The mask goes on when no more sanding or fitting would lift it.');
    }
}
