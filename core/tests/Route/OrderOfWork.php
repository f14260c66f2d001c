<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Body\BridgeKind;
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
use Regimen\Route\Entry\RouteKey;
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
        foreach (WantedOrders::orders($s, $m) as [$rule, $wanted, $before, $after]) {
            foreach ($wanted ? self::keys($before) : [] as $one) {
                foreach (self::keys($after) as $other) {
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
                    ['fretboard.markers', 'fretboard.binding', 'body.binding', 'neck.laminate', 'body.rosette', 'body.bind'],
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
        $box = $s->bodywork->body === BodyConstruction::FlatTop;
        $always = array_fill_keys([
            'brief.agree', 'design.draw', 'design.templates', 'parts.order', 'neck.square', 'neck.rough',
            'neck.outline', 'neck.carve', 'neck.sand', 'fretboard.thickness', 'fretboard.slots', 'fretboard.taper',
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
            'neck.veneer' => $s->head->veneer->mm > 0 && $s->head->headstock !== HeadstockKind::Headless,
            'neck.wings' => HeadstockShape::from($s)->width() > 95,
            'neck.volute' => $s->neck->volute,
            'fretboard.markers' => $s->board->markers !== MarkerShape::None,
            'fretboard.side-markers' => $s->board->sideMarkers->mm > 0,
            'fretboard.binding' => $s->board->boardBinding->mm > 0,
            'fretboard.oil' => $s->finishing->boardFinish === BoardFinish::Oiled,
            'body.thickness' => ! $box,
            'body.outline' => ! $box,
            'body.edges' => ! $box,
            'body.joint' => ! $box && $s->bodywork->bodyPieces > 1 && $joint !== NeckJoint::Through,
            'body.chambers' => ! $box && $s->isRelieved(),
            'body.paths' => ! $box && $electric && $s->isHollow() && $s->isLayered(),
            'body.layers' => ! $box && $s->isLayered(),
            'body.glue-layers' => ! $box && $s->isLayered(),
            'body.binding' => ! $box && $s->bodywork->bodyBinding->mm > 0,
            'body.bind' => $box && $s->bodywork->bodyBinding->mm > 0,
            'body.cavities' => ! $box && ($electric || $s->bodywork->cavities !== []),
            ...array_fill_keys([
                'body.top', 'body.rosette', 'body.brace-top', 'body.back', 'body.brace-back', 'body.bend', 'body.blocks', 'body.linings', 'body.look-inside',
                'body.close-back', 'body.close-top', 'body.trim', 'assembly.bridge', 'assembly.saddle',
            ], $box),
            'joint.pocket' => $joint !== NeckJoint::Through,
            ...array_fill_keys(['neck.headstock', 'neck.headstock-thickness', 'neck.tuner-holes'], $s->head->headstock !== HeadstockKind::Headless),
            'neck.headpiece' => $s->head->headstock === HeadstockKind::Headless,
            'joint.bridge-recess' => $s->bridgework->bridge === BridgeKind::Single && $s->bridgework->bridgeRecess->mm > 0,
            'electronics.grounds' => $electric && $s->bridgework->bridge === BridgeKind::Single,
            'joint.glue-tongue' => $box && $joint === NeckJoint::Mortise,
            'joint.tenon' => in_array($joint, [NeckJoint::Mortise, NeckJoint::Dovetail], true),
            'joint.wings' => $joint === NeckJoint::Through,
            'joint.screws' => $bolted,
            'joint.glue-neck' => in_array($joint, [NeckJoint::Set, NeckJoint::Dovetail], true),
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

    public static function rests(Specification $s): bool
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

    /**
     * @param  RouteKey|string|list<RouteKey|string>  $keys
     * @return list<string>
     */
    private static function keys(RouteKey|string|array $keys): array
    {
        return array_map(
            static fn (RouteKey|string $key): string => is_string($key) ? $key : (string) $key->value,
            is_array($keys) ? $keys : [$keys],
        );
    }
}
