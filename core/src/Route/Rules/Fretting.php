<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Rule of order 2: a lacquered board is cleared before the frets go in; an oily or oiled one is fretted first and masked. */
final readonly class Fretting implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('fretboard.fret', [Piece::Neck, Piece::Fretboard], ['fret-wire']);
        $draft->after('fretboard.fret', 'fretboard.sand', 'Nobody sands between frets.');
        if ($specification->boardIsLacquered()) {
            $draft->after(
                'fretboard.fret',
                ['finish.neck.polish', 'finish.polish'],
                'The lacquered board is cleared and polished before the frets go in: a clean film up to every fret, and nothing to mask.',
            );

            return;
        }
        $draft->add('finish.mask', [Piece::Neck, Piece::Fretboard]);
        $draft->after('finish.mask', 'fretboard.fret', 'An oily or oiled board is fretted first and then masked from the finish.');
        $draft->after(
            'finish.mask',
            ['neck.sand', 'joint.glue-neck', 'joint.dry-fit'],
            'The mask goes on when no more sanding or fitting would lift it.',
        );
    }
}
