<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Headstock;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** A veneer on the headstock’s face, glued on before it is brought to thickness. */
final readonly class HeadstockVeneer implements RouteRule
{
    public function name(): string
    {
        return 'The veneer before the thickness';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->head->veneer->mm > 0 && $specification->head->headstock->hasPosts();
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            HeadstockOperation::Veneer, [Piece::Neck], glue: $methods->glue(Question::JointGlue),
            why: 'It hides the scarf and stiffens the face.',
        );
        $draft->after(HeadstockOperation::Veneer, HeadstockOperation::Construct, 'It is glued to the finished face.');
        $draft->after(
            HeadstockOperation::Thickness,
            HeadstockOperation::Veneer,
            'The veneer counts towards the thickness.',
            'The tuners no longer reach through a headstock that has become thicker.',
        );
        $draft->after(HeadstockOperation::TunerHoles, HeadstockOperation::Veneer, 'The holes go through the veneer.');
        $draft->after(NeckOperation::Outline, HeadstockOperation::Veneer, 'It is cut together with the headstock.');
    }
}
