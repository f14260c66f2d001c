<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Body;

use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Upper layers: made on their own and glued on. */
final readonly class BodyLayers implements RouteRule
{
    public function name(): string
    {
        return 'Layers are glued on a planed face';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->isLayered() && $specification->bodywork->body !== BodyConstruction::FlatTop;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            BodyOperation::Layers, [], glue: $methods->glue(Question::JointGlue),
            why: 'The top is resawn, turned open like a book and glued.',
        );
        $draft->add(
            BodyOperation::GlueLayers, [Piece::Body], glue: $methods->glue(Question::JointGlue),
            why: 'From here on they are one body.',
        );
        $draft->after(
            BodyOperation::GlueLayers, BodyOperation::Layers, 'The layers are made before they are glued on.',
        );
        $draft->after(
            BodyOperation::GlueLayers, BodyOperation::Thickness, 'Glue holds on a freshly planed, flat face.',
        );
        $draft->after(
            BodyOperation::Outline, BodyOperation::GlueLayers, 'All layers are cut by one template in one go.',
        );
        $draft->after(JointOperation::Pocket, BodyOperation::GlueLayers, 'Depths are taken from the top’s face.');
    }
}
