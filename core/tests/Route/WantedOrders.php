<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question as Q;

/** What has to come before what (TRADE sections 2 and 3, common practice), as pairs. */
final class WantedOrders
{
    /**
     * @return list<array{int, bool, string|list<string>, string|list<string>}> rule, whether it is asked for, before,
     *   after
     */
    public static function orders(Specification $s, Methods $m): array
    {
        $joint = $s->joinery->joint;
        $lacquered = $s->boardIsLacquered();
        $on = $m->is(Q::Frets, 'on');
        $firstCuts = [
            'neck.laminate', 'neck.square', 'fretboard.thickness', 'body.joint', 'body.thickness', 'body.layers',
        ];
        $firstCoats = [
            'finish.body.seal', 'finish.neck.seal', 'finish.seal', 'finish.body.coat-1', 'finish.neck.coat-1',
            'finish.coat-1', 'finish.fill', 'finish.stain', 'finish.colour',
        ];
        $cured = ['finish.cure', 'finish.body.cure', 'finish.neck.cure'];
        $polished = ['finish.polish', 'finish.body.polish', 'finish.neck.polish'];
        $cutting = [
            'body.cavities', 'body.wiring', 'body.edges', 'body.binding', 'joint.pocket', 'joint.bridge',
            'body.outline', 'body.chambers',
        ];

        return [
            [0, true, 'brief.agree', ['design.draw', 'parts.timber']],
            [0, true, 'design.draw', ['design.templates', 'parts.order', 'body.chambers']],
            [0, true, 'parts.order', 'parts.measure'],
            [0, true, 'design.templates', ['neck.outline', 'body.outline']], [0, true, 'parts.timber', $firstCuts],
            [0, $m->is(Q::Cutting, 'everything'), 'parts.measure', $firstCuts],
            [0, true, 'brief.agree', ['parts.timber.neck', 'parts.timber.fretboard', 'parts.timber.body']],
            [0, true, 'parts.timber.neck', ['neck.laminate', 'neck.square']],
            [0, true, 'parts.timber.fretboard', 'fretboard.thickness'],
            [0, true, 'parts.timber.body', ['body.joint', 'body.thickness', 'body.layers']],
            [0, true, 'parts.order', ['parts.measure.tuners', 'parts.measure.bridge', 'parts.measure.pickups']],
            [0, true, 'parts.measure.truss-rod', 'neck.channel'], [0, true, 'parts.measure.tuners', 'neck.tuner-holes'],
            [0, true, 'parts.measure.bridge', 'joint.bridge'],
            [0, true, ['parts.measure.pickups', 'parts.measure.electronics'], 'body.cavities'],
            [0, true, 'parts.measure.electronics', 'electronics.harness'],
            [
                0,
                true,
                'parts.measure',
                ['neck.channel', 'neck.tuner-holes', 'joint.bridge', 'body.cavities', 'electronics.harness'],
            ],
            [0, true, 'neck.laminate', 'neck.square'], [0, OrderOfWork::rests($s), 'neck.rough', 'neck.recheck'],
            [0, true, 'neck.recheck', ['neck.outline', 'fretboard.glue']],
            [0, true, 'neck.headstock', ['neck.veneer', 'neck.wings', 'neck.headstock-thickness', 'neck.outline']],
            [0, true, ['neck.veneer', 'neck.wings'], ['neck.headstock-thickness', 'neck.outline', 'neck.tuner-holes']],
            [0, $m->is(Q::TunerHoles, 'after'), 'neck.headstock-thickness', 'neck.tuner-holes'],
            [0, $m->is(Q::TunerHoles, 'before'), 'neck.tuner-holes', ['neck.headstock-thickness', 'neck.outline']],
            [0, true, 'neck.headstock-thickness', 'neck.volute'], [0, true, 'neck.volute', 'neck.sand'],
            [0, true, 'neck.carve', 'neck.sand'],
            [0, true, 'fretboard.thickness', ['fretboard.taper', 'fretboard.slots']],
            [0, $m->is(Q::Slots, 'before'), 'fretboard.slots', ['fretboard.taper', 'fretboard.glue']],
            [0, $m->is(Q::Slots, 'after'), 'fretboard.glue', 'fretboard.slots'],
            [0, true, 'fretboard.slots', 'fretboard.fret'],
            [0, ! $m->is(Q::Slots, 'arc'), 'fretboard.slots', ['fretboard.radius', 'fretboard.markers']],
            [0, $m->is(Q::Slots, 'arc'), ['fretboard.radius', 'fretboard.glue'], 'fretboard.slots'],
            [0, true, 'fretboard.taper', ['fretboard.binding', 'fretboard.glue', 'fretboard.radius']],
            [0, true, 'fretboard.binding', ['fretboard.glue', 'fretboard.radius']],
            [0, $m->is(Q::Markers, 'before'), 'fretboard.markers', 'fretboard.radius'],
            [1, $m->is(Q::Markers, 'before') && $m->is(Q::Slots, 'before'), 'fretboard.markers', 'fretboard.glue'],
            [0, $m->is(Q::Markers, 'after'), 'fretboard.radius', 'fretboard.markers'],
            [0, true, 'fretboard.markers', ['fretboard.sand', 'fretboard.fret']],
            [0, true, 'fretboard.radius', 'fretboard.sand'],
            [0, true, 'fretboard.sand', ['fretboard.fret', 'neck.sand']],
            [0, ! $on, 'fretboard.fret', 'fretboard.glue'],
            [0, $m->is(Q::BoltHoles, 'after'), ['neck.sand', 'body.sand'], 'joint.screws'],
            [0, $m->is(Q::BoltHoles, 'before'), 'joint.screws', ['neck.sand', 'body.sand']],
            [0, true, 'joint.screws', 'joint.dry-fit'],
            [0, true, 'finish.fill', ['finish.stain', 'finish.colour']], [0, true, 'finish.body.seal', 'finish.colour'],
            [0, true, [...$cured, ...$polished], ['assembly.hardware']],
            [0, true, [...$cured, ...$polished], 'finish.age'], [0, true, 'finish.age', 'assembly.hardware'],
            [
                0,
                true,
                ['finish.cure', 'finish.body.cure', 'finish.polish', 'finish.body.polish'],
                ['electronics.shield', 'electronics.install'],
            ],
            [0, true, 'electronics.shield', 'electronics.install'],
            [0, true, 'electronics.harness', 'electronics.install'],
            [0, true, 'electronics.wind', 'electronics.install'],
            [0, true, 'electronics.install', ['assembly.hardware', 'set-up.string']],
            [0, true, 'assembly.hardware', 'set-up.frets'], [0, true, 'set-up.frets', ['set-up.nut', 'set-up.string']],
            [0, true, 'set-up.nut', 'set-up.string'],
            [0, true, 'set-up.string', 'delivery.inspect'], [0, true, 'delivery.inspect', 'delivery.pack'],
            [0, true, 'finish.neck-back', 'assembly.hardware'], [0, true, 'finish.polish', 'finish.neck-back'],
            [
                0,
                true,
                ['finish.mask', 'finish.cure', 'finish.neck.cure', 'finish.polish', 'finish.neck.polish'],
                'fretboard.oil',
            ],
            [1, true, ['body.sand', 'neck.sand', 'body.cavities', 'body.wiring'], 'joint.glue-neck'],
            [
                1,
                true,
                ['body.thickness', 'body.glue-layers', 'body.chambers', 'neck.channel', 'neck.square'],
                'joint.wings',
            ],
            [1, $m->is(Q::Slots, 'before'), ['fretboard.slots', 'fretboard.taper'], 'fretboard.glue'],
            [
                2,
                $lacquered && $m->is(Q::LacqueredBoard, 'cleared'),
                ['finish.neck.polish', 'finish.polish', 'finish.neck.cure', 'finish.cure'],
                'fretboard.fret',
            ],
            [
                2,
                ! $lacquered || $m->is(Q::LacqueredBoard, 'masked'),
                'fretboard.fret',
                ['finish.mask', 'finish.neck.coat-1', 'finish.coat-1', 'finish.neck.seal', 'finish.seal'],
            ],
            [
                2, ! $lacquered || $m->is(Q::LacqueredBoard, 'masked'), 'finish.mask',
                ['finish.neck.coat-1', 'finish.coat-1'],
            ],
            [3, $joint === NeckJoint::Set, ['finish.fill', 'finish.stain', 'finish.colour'], 'joint.glue-neck'],
            [3, $joint === NeckJoint::Set, 'joint.glue-neck', ['finish.coat-1', 'finish.seal', 'finish.cure']],
            [3, $joint === NeckJoint::Through, 'joint.wings', ['finish.coat-1', 'finish.fill', 'finish.colour']],
            [4, true, ['neck.sand', 'body.sand'], ['joint.glue-neck', 'joint.dry-fit', ...$firstCoats]],
            [4, true, $cutting, 'body.sand'],
            [5, true, ['body.chambers', 'body.paths'], 'body.glue-layers'],
            [5, true, ['neck.channel', 'neck.rods'], 'fretboard.glue'],
            [5, true, ['body.paths', 'body.cavities'], 'body.wiring'],
            [5, true, ['body.layers', 'body.thickness'], 'body.glue-layers'],
            [5, true, 'body.glue-layers', 'body.outline'],
            [
                6,
                true,
                ['joint.dry-fit', 'joint.bridge', 'neck.tuner-holes', 'body.wiring', 'body.cavities'],
                $firstCoats,
            ],
            [6, true, 'joint.screws', $firstCoats],
            [7, true, 'neck.square', ['neck.channel', 'neck.headstock', 'neck.rough', 'neck.rods', 'neck.outline']],
            [7, true, ['neck.channel', 'neck.rods'], 'neck.rough'], [7, true, 'neck.rough', 'neck.outline'],
            [7, $m->is(Q::Carve, 'after'), ['fretboard.radius', 'fretboard.glue'], 'neck.carve'],
            [7, $m->is(Q::Carve, 'before'), 'neck.carve', ['fretboard.glue', 'fretboard.radius']],
            [7, true, ['neck.tuner-holes', 'neck.headstock-thickness', 'joint.tenon', 'neck.outline'], 'neck.carve'],
            [7, $on, 'fretboard.glue', 'fretboard.radius'],
            [7, $on || $m->is(Q::Frets, 'off'), 'fretboard.side-markers', 'fretboard.radius'],
            [7, true, 'body.joint', 'body.thickness'],
            [7, true, 'body.thickness', ['body.outline', 'body.chambers', 'joint.pocket']],
            [7, true, 'body.outline', ['body.edges', 'body.binding', 'joint.pocket']],
            [7, true, 'body.binding', 'body.edges'],
            [8, true, ['joint.pocket', 'joint.wings', 'neck.outline'], 'joint.bridge'],
            [8, true, 'joint.bridge', 'body.cavities'], [8, true, ['neck.outline', 'joint.tenon'], 'joint.pocket'],
            [8, true, 'joint.wings', 'body.outline'], [8, true, 'neck.outline', 'fretboard.glue'],
            [8, true, ['joint.pocket', 'joint.bridge'], 'joint.screws'],
        ];
    }
}
