<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question as Q;
use Regimen\Route\Operations\AssemblyOperation as Last;
use Regimen\Route\Operations\BodyOperation as Body;
use Regimen\Route\Operations\CoatStep as Coat;
use Regimen\Route\Operations\ElectronicsOperation as Wire;
use Regimen\Route\Operations\FinishOperation as Finish;
use Regimen\Route\Operations\FretboardOperation as Board;
use Regimen\Route\Operations\HeadstockOperation as Head;
use Regimen\Route\Operations\JointOperation as Joint;
use Regimen\Route\Operations\NeckOperation as Neck;
use Regimen\Route\Operations\PreparationOperation as Prep;

/** What has to come before what (TRADE sections 2 and 3, common practice), as pairs. */
final class WantedOrders
{
    /**
     * @return list<array{int, bool, RouteKey|string|list<RouteKey|string>, RouteKey|string|list<RouteKey|string>}>
     *   rule, whether it is asked for, before,
     *   after
     */
    public static function orders(Specification $s, Methods $m): array
    {
        $joint = $s->joinery->joint;
        $lacquered = $s->boardIsLacquered();
        $on = $m->is(Q::Frets, 'on');
        $firstCuts = [
            Neck::Laminate, Neck::Square, Board::Thickness, Body::Joint, Body::Thickness, Body::Layers,
        ];
        $firstCoats = [
            Coat::BodySeal, Coat::NeckSeal, Finish::Seal, 'finish.body.coat-1', 'finish.neck.coat-1',
            'finish.coat-1', Finish::Fill, Finish::Stain, Finish::Colour,
        ];
        $cured = [Coat::Cure, Coat::BodyCure, Coat::NeckCure];
        $polished = [Finish::Polish, Coat::BodyPolish, Finish::PolishNeck];
        $cutting = [
            Body::Cavities, Body::Wiring, Body::Edges, Body::Binding, Joint::Pocket,
            Body::Outline, Body::Chambers,
            // On a box the bridge’s place is only marked.
            ...$s->isBox() ? [] : [Joint::Bridge],
        ];

        return [
            // TRADE section 12: flat-tops.
            [0, true, 'body.top', 'body.rosette'], [0, true, 'body.rosette', 'body.brace-top'], [0, true, 'body.back', 'body.brace-back'], [0, true, 'body.bend', 'body.blocks'],
            [0, true, 'body.blocks', 'body.linings'], [0, true, ['body.brace-top', 'body.brace-back', 'body.linings'], ['body.look-inside', 'body.close-back']],
            [0, true, 'body.look-inside', 'body.close-back'], [0, true, 'body.close-back', 'body.close-top'], [0, true, 'body.close-top', 'body.trim'], [0, true, 'body.trim', ['body.bind', Joint::Pocket, Body::Sand]],
            [0, $m->is(Q::BoxBinding, 'before'), 'body.bind', Joint::Pocket], [0, $m->is(Q::BoxBinding, 'after'), Joint::Pocket, 'body.bind'], [0, true, 'body.bind', Body::Sand], [0, true, Prep::SelectTimber, ['body.top', 'body.back', 'body.bend']],
            [0, true, Joint::Bridge, 'assembly.bridge'], [0, $m->is(Q::GluedBridge, 'after'), [Coat::Cure, Coat::BodyCure, Joint::DryFit, Joint::GlueNeck], 'assembly.bridge'],
            [0, $m->is(Q::GluedBridge, 'before'), Body::Sand, 'assembly.bridge'], [0, $m->is(Q::GluedBridge, 'before'), 'assembly.bridge', [Joint::DryFit, ...$firstCoats]],
            [0, true, [Joint::Screws, Joint::DryFit, ...$cured, ...$polished], 'joint.glue-tongue'], [0, true, 'joint.glue-tongue', Last::LevelFrets],
            // Headless necks and single bridges.
            [0, true, Neck::Outline, 'neck.headpiece'], [7, true, 'neck.headpiece', Neck::Carve], [6, true, ['neck.headpiece', 'joint.bridge-recess'], Joint::DryFit], [8, true, Joint::Bridge, 'joint.bridge-recess'],
            [0, true, [Coat::Cure, Coat::BodyCure], 'electronics.grounds'], [0, true, 'electronics.grounds', [Wire::Install, Last::Hardware]],
            [0, true, 'assembly.bridge', 'assembly.saddle'], [0, true, 'assembly.saddle', Last::StringUp],
            [0, true, Prep::Agree, [Prep::Draw, Prep::SelectTimber]],
            [0, true, Prep::Draw, [Prep::MakeTemplates, Prep::OrderParts, Body::Chambers]],
            [0, true, Prep::OrderParts, Prep::MeasureParts],
            [0, true, Prep::MakeTemplates, [Neck::Outline, Body::Outline]], [0, true, Prep::SelectTimber, $firstCuts],
            [0, $m->is(Q::Cutting, 'everything'), Prep::MeasureParts, $firstCuts],
            [
                0,
                true,
                Prep::Agree,
                [
                    Prep::SelectTimber->value.'.neck', Prep::SelectTimber->value.'.fretboard',
                    Prep::SelectTimber->value.'.body',
                ],
            ],
            [0, true, Prep::SelectTimber->value.'.neck', [Neck::Laminate, Neck::Square]],
            [0, true, Prep::SelectTimber->value.'.fretboard', Board::Thickness],
            [0, true, Prep::SelectTimber->value.'.body', [Body::Joint, Body::Thickness, Body::Layers]],
            [
                0,
                true,
                Prep::OrderParts,
                [
                    Prep::MeasureParts->value.'.tuners', Prep::MeasureParts->value.'.bridge',
                    Prep::MeasureParts->value.'.pickups',
                ],
            ],
            [0, true, Prep::MeasureParts->value.'.truss-rod', Neck::Channel],
            [0, true, Prep::MeasureParts->value.'.tuners', Head::TunerHoles],
            [0, true, Prep::MeasureParts->value.'.bridge', Joint::Bridge],
            [0, true, [Prep::MeasureParts->value.'.pickups', Prep::MeasureParts->value.'.electronics'], Body::Cavities],
            [0, true, Prep::MeasureParts->value.'.electronics', Wire::Harness],
            [
                0,
                true,
                Prep::MeasureParts,
                [Neck::Channel, Head::TunerHoles, Joint::Bridge, Body::Cavities, Wire::Harness],
            ],
            [0, true, Neck::Laminate, Neck::Square], [0, OrderOfWork::rests($s), Neck::Rough, Neck::Recheck],
            [0, true, Neck::Recheck, [Neck::Outline, Board::Glue]],
            [0, true, Head::Construct, [Head::Veneer, Head::Wings, Head::Thickness, Neck::Outline]],
            [0, true, [Head::Veneer, Head::Wings], [Head::Thickness, Neck::Outline, Head::TunerHoles]],
            [0, $m->is(Q::TunerHoles, 'after'), Head::Thickness, Head::TunerHoles],
            [0, $m->is(Q::TunerHoles, 'before'), Head::TunerHoles, [Head::Thickness, Neck::Outline]],
            [0, true, Head::Thickness, Neck::Volute], [0, true, Neck::Volute, Neck::Sand],
            [0, true, Neck::Carve, Neck::Sand],
            [0, true, Board::Thickness, [Board::Taper, Board::Slots]],
            [0, $m->is(Q::Slots, 'before'), Board::Slots, [Board::Taper, Board::Glue]],
            [0, $m->is(Q::Slots, 'after'), Board::Glue, Board::Slots],
            [0, true, Board::Slots, Board::Fret],
            [0, ! $m->is(Q::Slots, 'arc'), Board::Slots, [Board::Radius, Board::Markers]],
            [0, $m->is(Q::Slots, 'arc'), [Board::Radius, Board::Glue], Board::Slots],
            [0, true, Board::Taper, [Board::Binding, Board::Glue, Board::Radius]],
            [0, true, Board::Binding, [Board::Glue, Board::Radius]],
            [0, $m->is(Q::Markers, 'before'), Board::Markers, Board::Radius],
            [1, $m->is(Q::Markers, 'before') && $m->is(Q::Slots, 'before'), Board::Markers, Board::Glue],
            [0, $m->is(Q::Markers, 'after'), Board::Radius, Board::Markers],
            [0, true, Board::Markers, [Board::Sand, Board::Fret]],
            [0, true, Board::Radius, Board::Sand],
            [0, true, Board::Sand, [Board::Fret, Neck::Sand]],
            [0, ! $on, Board::Fret, Board::Glue],
            [0, $m->is(Q::BoltHoles, 'after'), [Neck::Sand, Body::Sand], Joint::Screws],
            [0, $m->is(Q::BoltHoles, 'before'), Joint::Screws, [Neck::Sand, Body::Sand]],
            [0, true, Joint::Screws, Joint::DryFit],
            [0, true, Finish::Fill, [Finish::Stain, Finish::Colour]], [0, true, Coat::BodySeal, Finish::Colour],
            [0, true, [...$cured, ...$polished], [Last::Hardware]],
            [0, true, [...$cured, ...$polished], Finish::Age], [0, true, Finish::Age, Last::Hardware],
            [
                0,
                true,
                [Coat::Cure, Coat::BodyCure, Finish::Polish, Coat::BodyPolish],
                [Wire::Shield, Wire::Install],
            ],
            [0, true, Wire::Shield, Wire::Install],
            [0, true, Wire::Harness, Wire::Install],
            [0, true, Wire::Wind, Wire::Install],
            [0, true, Wire::Install, [Last::Hardware, Last::StringUp]],
            [0, true, Last::Hardware, Last::LevelFrets], [0, true, Last::LevelFrets, [Last::Nut, Last::StringUp]],
            [0, true, Last::Nut, Last::StringUp],
            [0, true, Last::StringUp, Last::Inspect], [0, true, Last::Inspect, Last::Pack],
            [0, true, Finish::NeckBack, Last::Hardware], [0, true, Finish::Polish, Finish::NeckBack],
            [
                0,
                true,
                [Finish::Mask, Coat::Cure, Coat::NeckCure, Finish::Polish, Finish::PolishNeck],
                Board::Oil,
            ],
            [1, true, [Body::Sand, Neck::Sand, Body::Cavities, Body::Wiring], Joint::GlueNeck],
            [
                1,
                true,
                [Body::Thickness, Body::GlueLayers, Body::Chambers, Neck::Channel, Neck::Square],
                Joint::Wings,
            ],
            [1, $m->is(Q::Slots, 'before'), [Board::Slots, Board::Taper], Board::Glue],
            [
                2,
                $lacquered && $m->is(Q::LacqueredBoard, 'cleared'),
                [Finish::PolishNeck, Finish::Polish, Coat::NeckCure, Coat::Cure],
                Board::Fret,
            ],
            [
                2,
                ! $lacquered || $m->is(Q::LacqueredBoard, 'masked'),
                Board::Fret,
                [Finish::Mask, 'finish.neck.coat-1', 'finish.coat-1', Coat::NeckSeal, Finish::Seal],
            ],
            [
                2, ! $lacquered || $m->is(Q::LacqueredBoard, 'masked'), Finish::Mask,
                ['finish.neck.coat-1', 'finish.coat-1'],
            ],
            [3, in_array($joint, [NeckJoint::Set, NeckJoint::Dovetail], true), [Finish::Fill, Finish::Stain, Finish::Colour], Joint::GlueNeck],
            [3, in_array($joint, [NeckJoint::Set, NeckJoint::Dovetail], true), Joint::GlueNeck, ['finish.coat-1', Finish::Seal, Coat::Cure]],
            [3, $joint === NeckJoint::Through, Joint::Wings, ['finish.coat-1', Finish::Fill, Finish::Colour]],
            [4, true, [Neck::Sand, Body::Sand], [Joint::GlueNeck, Joint::DryFit, ...$firstCoats]],
            [4, true, $cutting, Body::Sand],
            [5, true, [Body::Chambers, Body::Paths], Body::GlueLayers],
            [5, true, [Neck::Channel, Neck::Rods], Board::Glue],
            [5, true, [Body::Paths, Body::Cavities], Body::Wiring],
            [5, true, [Body::Layers, Body::Thickness], Body::GlueLayers],
            [5, true, Body::GlueLayers, Body::Outline],
            [
                6,
                true,
                [Joint::DryFit, Joint::Bridge, Head::TunerHoles, Body::Wiring, Body::Cavities],
                $firstCoats,
            ],
            [6, true, Joint::Screws, $firstCoats],
            [7, true, Neck::Square, [Neck::Channel, Head::Construct, Neck::Rough, Neck::Rods, Neck::Outline]],
            [7, true, [Neck::Channel, Neck::Rods], Neck::Rough], [7, true, Neck::Rough, Neck::Outline],
            [7, $m->is(Q::Carve, 'after'), [Board::Radius, Board::Glue], Neck::Carve],
            [7, $m->is(Q::Carve, 'before'), Neck::Carve, [Board::Glue, Board::Radius]],
            [7, true, [Head::TunerHoles, Head::Thickness, Joint::Tenon, Neck::Outline], Neck::Carve],
            [7, $on, Board::Glue, Board::Radius],
            [7, $on || $m->is(Q::Frets, 'off'), Board::SideMarkers, Board::Radius],
            [7, true, Body::Joint, Body::Thickness],
            [7, true, Body::Thickness, [Body::Outline, Body::Chambers, Joint::Pocket]],
            [7, true, Body::Outline, [Body::Edges, Body::Binding, Joint::Pocket]],
            [7, true, Body::Binding, Body::Edges],
            [8, true, [Joint::Pocket, Joint::Wings, Neck::Outline], Joint::Bridge],
            [8, true, Joint::Bridge, Body::Cavities], [8, true, [Neck::Outline, Joint::Tenon], Joint::Pocket],
            [8, true, Joint::Wings, Body::Outline], [8, true, Neck::Outline, Board::Glue],
            [8, true, [Joint::Pocket, Joint::Bridge], Joint::Screws],
        ];
    }
}
