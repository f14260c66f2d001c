<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\Body;

use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\BoxOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** The plates are braced, the sides bent, the box is closed back first, trimmed, bound and sanded. */
final readonly class FlatTopBox implements RouteRule
{
    private const AIR = 'The air stays at 40–50 % while plates are braced and the box is closed: a plate that is glued too wet splits in winter.';

    public function name(): string
    {
        return 'A box is closed when nothing has to be reached any more';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->bodywork->body === BodyConstruction::FlatTop;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $glue = $methods->glue(Question::JointGlue);
        // Plates and sides are pieces of their own until the box is closed.
        $draft->add(BoxOperation::Top, [], glue: $glue, why: 'Two plates opened like a book become one, and then as thin as they are to be.');
        $draft->add(BoxOperation::Rosette, [], glue: $glue, why: 'It is let in while the top lies flat.');
        $draft->add(BoxOperation::BraceTop, [], glue: $glue, why: self::AIR);
        $draft->add(BoxOperation::Back, [], glue: $glue, why: 'The back’s joint is reinforced along its middle.');
        $draft->add(BoxOperation::BraceBack, [], glue: $glue, why: self::AIR);
        $draft->add(BoxOperation::BendSides, [], why: 'Bent hot, and left in the mould until they keep their form.');
        $draft->add(BoxOperation::Blocks, [], glue: $glue, why: 'They carry neck and strap.');
        $draft->add(BoxOperation::Linings, [], glue: $glue, why: 'The plates need more than a side’s edge to be glued to.');
        $draft->add(BoxOperation::LookInside, [], why: 'It is the last time that anybody gets inside with both hands.');
        $draft->add(BoxOperation::CloseBack, [Piece::Body], glue: $glue, why: self::AIR);
        $draft->add(BoxOperation::CloseTop, [Piece::Body], glue: $glue, why: self::AIR);
        $draft->add(BoxOperation::Trim, [Piece::Body], why: 'The edge is the line that everything follows.');
        $this->order($draft);
        if ($specification->bodywork->bodyBinding->mm > 0) {
            $draft->add(BoxOperation::Bind, [Piece::Body], glue: $methods->glue(Question::BindingGlue), why: 'It closes the end grain and guards the edge.');
            $draft->after(BoxOperation::Bind, BoxOperation::Trim, 'The ledge is cut along the trimmed edge.', 'A ledge along an uneven edge shows as an uneven line.');
            $draft->after(BodyOperation::Sand, BoxOperation::Bind, 'It is scraped flush with the plates.');
        }
        $draft->add(BodyOperation::Sand, [Piece::Body], standard: BoxOperation::Sand, why: 'Every scratch shows under the finish.');
        $draft->after(BodyOperation::Sand, [BoxOperation::Trim, JointOperation::Pocket], 'Sanding comes after all cutting.');
        $draft->after(JointOperation::Pocket, BoxOperation::Trim, 'The joint is cut into the closed box, square to its own top.', 'A joint cut into loose sides is not square to the top.');
    }

    private function order(RouteDraft $draft): void
    {
        $draft->after([BoxOperation::Top, BoxOperation::BendSides], PreparationOperation::MakeTemplates, 'Plates and mould follow one template.', 'Sides bent to another line do not meet the plates.');
        $draft->after(BoxOperation::Rosette, BoxOperation::Top, 'It is let into a top of its final thickness.', 'Thinned afterwards, the rosette is gone.');
        $draft->after(BoxOperation::BraceTop, BoxOperation::Rosette, 'Braces close the top to the router’s base.');
        $draft->after(BoxOperation::BraceBack, BoxOperation::Back, 'Braces are fitted to the finished plate.');
        $draft->after(BoxOperation::Blocks, BoxOperation::BendSides, 'The blocks are fitted to sides that have settled.', 'Sides that spring open pull off their blocks.');
        $draft->after(BoxOperation::Linings, BoxOperation::Blocks, 'Linings run from block to block.');
        $draft->after(BoxOperation::LookInside, [BoxOperation::BraceTop, BoxOperation::BraceBack, BoxOperation::Linings], 'Everything inside is there to be looked at.', 'A loose brace in a closed box is mended through the hole, if at all.');
        $draft->after(BoxOperation::CloseBack, BoxOperation::LookInside, 'What is closed has been looked at.');
        $draft->after(BoxOperation::CloseTop, BoxOperation::CloseBack, 'The back first: the top is the plate that is tuned to the last.');
        $draft->after(BoxOperation::Trim, BoxOperation::CloseTop, 'Both plates are trimmed to the sides in one go.');
    }
}
