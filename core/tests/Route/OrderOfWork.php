<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use Regimen\Instrument\Electrics\Shielding;
use Regimen\Instrument\Finish\BoardFinish;
use Regimen\Instrument\Finish\NeckFinish;
use Regimen\Instrument\Fretboard\MarkerShape;
use Regimen\Instrument\Neck\HeadstockConstruction;
use Regimen\Instrument\Neck\HeadstockKind;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Shape\HeadstockShape;
use Regimen\Instrument\Specification;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question as Q;
use Regimen\Route\Route;
use Regimen\Timber\BalanceMoisture;

/**
 * What the trade's tables ask of a route (TRADE sections 2 and 3, common practice), written down a second time and
 * without the rules that derive it: by rule of order 1 to 10, and what the table of operations says besides (0).
 */
final class OrderOfWork
{
    /** @return array<int, list<string>> what is wrong, by the number of the rule of order */
    public static function wrongs(Route $route, Specification $s, Methods $m): array
    {
        $ancestors = $route->ancestors();
        $wrongs = [];
        foreach (self::operations($s, $m) as $key => $wanted) {
            if ($wanted !== isset($ancestors[$key])) {
                $wrongs[0][] = $wanted ? "{$key} is missing" : "{$key} has no business here";
            }
        }
        foreach (self::orders($s, $m) as [$rule, $wanted, $before, $after]) {
            foreach ($wanted ? (array) $before : [] as $one) {
                foreach ((array) $after as $other) {
                    if (isset($ancestors[$one], $ancestors[$other]) && ! isset($ancestors[$other][$one])) {
                        $wrongs[$rule][] = "{$one} before {$other}";
                    }
                }
            }
        }
        foreach ($route->operations as $operation) {
            if (
                $operation->holdKind === HoldKind::Glue
                && $operation->standard->fixture === null
                && ! in_array(
                    $operation->key,
                    ['fretboard.markers', 'fretboard.binding', 'body.binding', 'neck.laminate'],
                    true,
                )
            ) {
                $wrongs[9][] = "{$operation->key} sets in no clamps";
            }
            if ($operation->setUp->minutes > 0 && $operation->setUpKey === '') {
                $wrongs[10][] = "{$operation->key} hides its set-up";
            }
        }

        return $wrongs;
    }

    /** @return array<string, bool> whether an operation belongs on the route */
    private static function operations(Specification $s, Methods $m): array
    {
        $joint = $s->joinery->joint;
        $bolted = in_array($joint, [NeckJoint::BoltOn, NeckJoint::Mortise], true);
        $lacquer = $s->finishing->finish->isLacquer();
        $electric = $s->electrics->pickups !== [];
        $always = array_fill_keys([
            'brief.agree', 'design.draw', 'design.templates', 'parts.order', 'neck.square', 'neck.rough',
            'neck.outline', 'neck.headstock', 'neck.headstock-thickness',
            'neck.tuner-holes', 'neck.carve', 'neck.sand', 'fretboard.thickness', 'fretboard.slots', 'fretboard.taper',
            'fretboard.glue', 'fretboard.radius', 'fretboard.sand', 'fretboard.fret',
            'body.thickness', 'body.outline', 'body.edges', 'body.sand', 'joint.bridge', 'joint.dry-fit',
            'assembly.hardware', 'set-up.frets', 'set-up.nut', 'set-up.string', 'delivery.inspect', 'delivery.pack',
        ], true);

        return [
            ...$always,
            'parts.measure' => $m->is(Q::Cutting, 'everything'),
            'parts.timber' => $m->is(Q::Cutting, 'everything'),
            'parts.timber.neck' => $m->is(Q::Cutting, 'timber'),
            'parts.timber.fretboard' => $m->is(Q::Cutting, 'timber'),
            'parts.timber.body' => $m->is(Q::Cutting, 'timber'),
            'parts.measure.tuners' => $m->is(Q::Cutting, 'timber'),
            'parts.measure.bridge' => $m->is(Q::Cutting, 'timber'),
            'parts.measure.truss-rod' => $m->is(Q::Cutting, 'timber') && $s->neck->rodLength->mm > 0,
            'parts.measure.pickups' => $m->is(Q::Cutting, 'timber') && $electric,
            'parts.measure.electronics' => $m->is(Q::Cutting, 'timber') && $electric,
            'neck.channel' => $s->neck->rodLength->mm > 0,
            'neck.laminate' => $s->neck->laminations > 1,
            'neck.recheck' => self::rests($s),
            'neck.rods' => $s->neck->stiffeningRods,
            'neck.veneer' => $s->head->veneer->mm > 0,
            'neck.wings' => HeadstockShape::from($s)->width() > 95,
            'neck.volute' => $s->neck->volute,
            'fretboard.markers' => $s->board->markers !== MarkerShape::None,
            'fretboard.side-markers' => $s->board->sideMarkers->mm > 0,
            'fretboard.binding' => $s->board->boardBinding->mm > 0,
            'fretboard.oil' => $s->finishing->boardFinish === BoardFinish::Oiled,
            'body.joint' => $s->bodywork->bodyPieces > 1 && $joint !== NeckJoint::Through,
            'body.chambers' => $s->isRelieved(),
            'body.paths' => $electric && $s->isHollow() && $s->isLayered(),
            'body.layers' => $s->isLayered(),
            'body.glue-layers' => $s->isLayered(),
            'body.binding' => $s->bodywork->bodyBinding->mm > 0,
            'body.cavities' => $electric || $s->bodywork->cavities !== [],
            'joint.pocket' => $joint !== NeckJoint::Through,
            'joint.tenon' => $joint === NeckJoint::Mortise,
            'joint.wings' => $joint === NeckJoint::Through,
            'joint.screws' => $bolted,
            'joint.glue-neck' => $joint === NeckJoint::Set,
            'finish.fill' => $s->needsGrainFill(),
            'finish.stain' => $s->isStained(),
            'finish.colour' => $s->isColoured() && ! $s->isStained(),
            'finish.mask' => ! $s->boardIsLacquered() || $m->is(Q::LacqueredBoard, 'masked'),
            'finish.body.cure' => $bolted,
            'finish.neck.cure' => $bolted && ($s->boardIsLacquered() || $s->finishing->neckFinish !== NeckFinish::Bare),
            'finish.cure' => ! $bolted,
            'finish.polish' => ! $bolted && $lacquer,
            'finish.body.polish' => $bolted && $lacquer,
            'finish.neck-back' => ! $bolted && $lacquer && $s->finishing->neckFinish !== NeckFinish::AsBody,
            'finish.age' => $s->finishing->aged,
            'electronics.wind' => $electric && $s->electrics->pickupsWound,
            'electronics.harness' => $electric,
            'electronics.install' => $electric,
            'electronics.shield' => $electric && $s->electrics->shielding !== Shielding::None,
        ];
    }

    /**
     * @return list<array{int, bool, string|list<string>, string|list<string>}> rule, whether it is asked for, before,
     *   after
     */
    private static function orders(Specification $s, Methods $m): array
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
            [0, true, 'neck.laminate', 'neck.square'], [0, self::rests($s), 'neck.rough', 'neck.recheck'],
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

    private static function rests(Specification $s): bool
    {
        return $s->neck->laminations > 1
            || ($s->neck->neckMoisture ?? 0) > BalanceMoisture::percent(
                $s->brief->airTemperature, $s->brief->airHumidity,
            ) + 1;
    }

    /** Which of the three ways a headstock is made. */
    public static function headstock(Specification $s): string
    {
        return match (true) {
            $s->head->headstock === HeadstockKind::Flat => 'neck.headstock-step',
            $s->head->headConstruction === HeadstockConstruction::Scarf => 'neck.headstock',
            default => 'neck.headstock-angle',
        };
    }
}
