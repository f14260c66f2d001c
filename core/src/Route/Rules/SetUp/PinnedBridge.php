<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\SetUp;

use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BoxOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** The bridge of a flat-top is glued to bare wood, and carries the whole pull of the strings. */
final readonly class PinnedBridge implements RouteRule
{
    public function name(): string
    {
        return 'A glued bridge stands on bare wood';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->bodywork->body === BodyConstruction::FlatTop;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(BoxOperation::GlueBridge, [Piece::Body], glue: $methods->glue(Question::JointGlue), why: 'It carries the pull of all strings on glue alone.');
        $draft->after(BoxOperation::GlueBridge, JointOperation::Bridge, 'Its place is measured from the nut of the fitted neck.', 'A bridge in the wrong place never plays in tune.');
        $draft->add(BoxOperation::Saddle, [Piece::Body], why: 'Its height makes the action, its line the intonation.');
        $draft->after(BoxOperation::Saddle, BoxOperation::GlueBridge, 'The slot is cut into the glued bridge.');
        $draft->after(AssemblyOperation::StringUp, BoxOperation::Saddle, 'The strings end at the saddle.');
    }
}
