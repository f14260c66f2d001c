<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Caution;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\Question;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Binding round the body: ledge, dry fit, bond. */
final readonly class BodyBinding implements RouteRule
{
    public function name(): string
    {
        return 'Binding along the finished outline';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->bodywork->bodyBinding->mm > 0 && $specification->bodywork->body !== BodyConstruction::FlatTop;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('body.binding', [Piece::Body], ['binding'], glue: $methods->glue(Question::BindingGlue), cautions: $methods->is(Question::BindingGlue, 'superglue') ? [Caution::Superglue] : [], why: 'It guards the edge and closes the joint of the layers.');
        $draft->after('body.binding', 'body.outline', 'The ledge is cut along the finished outline.');
        $draft->after('body.edges', 'body.binding', 'Edges are rounded in the binding, not in the timber behind it.', 'A rounded edge leaves no ledge for the binding.');
        $draft->after('body.sand', 'body.binding', 'It is scraped flush with the body.');
    }
}
