<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Headstock;

use Regimen\Instrument\Shape\HeadstockShape;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Wings beside a headstock that is wider than the blank. */
final readonly class HeadstockWings implements RouteRule
{
    /** The usual width of a neck blank where the headstock is cut from it; house convention. */
    private const BLANK_MM = 95.0;

    public function name(): string
    {
        return 'Wings before the veneer';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return HeadstockShape::from($specification)->width() > self::BLANK_MM;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            HeadstockOperation::Wings, [Piece::Neck], glue: $methods->glue(Question::JointGlue),
            why: 'The headstock is wider than the blank.',
        );
        $draft->after(
            HeadstockOperation::Wings, HeadstockOperation::Construct,
            'They are glued to the headstock’s finished sides.',
        );
        $draft->after(HeadstockOperation::Veneer, HeadstockOperation::Wings, 'The veneer covers the joints.');
        $draft->after(
            HeadstockOperation::Thickness, HeadstockOperation::Wings, 'Headstock and wings are planed as one.',
        );
        $draft->after(
            NeckOperation::Outline, HeadstockOperation::Wings, 'The outline runs over the wings.',
            'The outline cannot be cut where there is no timber yet.',
        );
    }
}
