<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The shaft: squared, channelled, roughed, cut to outline. */
final readonly class NeckShaft implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('neck.square', [Piece::Neck]);
        $draft->add('neck.channel', [Piece::Neck], ['truss-rod']);
        $draft->after('neck.channel', 'neck.square', 'The channel is cut from the edge of the blank, which has to be square.');
        $draft->add('neck.rough', [Piece::Neck]);
        $draft->after('neck.rough', 'neck.channel', 'The channel needs the square sides that roughing takes away.');
        $draft->add('neck.outline', [Piece::Neck]);
        $draft->after('neck.outline', 'neck.channel', 'The template is set to the centre line that the channel shows.');
        $draft->after('neck.outline', 'neck.rough', 'The template cutter follows what the saw has left.');
        $draft->after('neck.outline', 'design.templates', 'It is cut by the template.');
    }
}
