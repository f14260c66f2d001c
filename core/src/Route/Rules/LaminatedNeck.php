<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Units\Duration;

/** A neck of several pieces: glued up first, then left to rest when most of it is cut away. */
final readonly class LaminatedNeck implements RouteRule
{
    /** Seven to fourteen days; common practice. */
    private const REST_HOURS = 240.0;

    public function appliesTo(Specification $specification): bool
    {
        return $specification->neck->laminations > 1;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('neck.laminate', [Piece::Neck], ['timber']);
        $draft->after('neck.square', 'neck.laminate', 'The blank is squared as one.');
        $draft->add('neck.rough', [Piece::Neck], [], hold: Duration::ofHours(self::REST_HOURS));
        $draft->add('neck.recheck', [Piece::Neck]);
        $draft->after('neck.recheck', 'neck.rough', 'Glue and timber give way for a week or two when the shaft is roughed; what has moved is flattened again.');
        $draft->after('neck.outline', 'neck.recheck', 'The template lies on a face that is flat again.');
    }
}
