<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Body\BodyOutline;
use Regimen\Instrument\Body\Boxwork;
use Regimen\Instrument\Body\BracingPattern;
use Regimen\Instrument\Body\BridgeKind;
use Regimen\Instrument\Body\EdgeShape;
use Regimen\Instrument\Body\StringPath;
use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Finish\NeckFinish;
use Regimen\Instrument\Fretboard\MarkerShape;
use Regimen\Instrument\Neck\Fastener;
use Regimen\Instrument\Neck\HeadstockKind;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Neck\TunerPlace;
use Regimen\Instrument\Specification;

/** Which fields mean nothing for an instrument: they are not asked for and not printed. */
final class Applicability
{
    /** @return array<string, string> why not, by field; only those that do not apply */
    public static function idle(Specification $s): array
    {
        $idle = [];
        foreach ([...self::neck($s), ...self::body($s), ...self::electronics($s)] as [$applies, $why, $fields]) {
            foreach ($applies ? [] : $fields as $field) {
                $idle[$field] ??= $why;
            }
        }

        return $idle;
    }

    /** @return list<array{bool, string, list<string>}> whether they apply, why not, and the fields */
    private static function neck(Specification $s): array
    {
        $bolted = in_array($s->joinery->joint, [NeckJoint::BoltOn, NeckJoint::Mortise], true);

        return [
            [$s->board->scaleTreble !== null, 'both sides have one scale', ['squareFret']],
            [$s->neck->rodLength->mm > 0, 'the neck has no truss rod', ['rods', 'rodSpacing', 'rodDepth', 'rodWidth', 'rodAccess']],
            [
                $s->board->markers !== MarkerShape::None,
                'the board has no face markers',
                ['markerMaterial', 'markerFrets', 'markerDiameter', 'markerThickness', 'markerDepth', 'markerOffset'],
            ],
            [$s->board->markers === MarkerShape::Dot, 'only dots come in pairs', ['markerOffset']],
            [! $s->board->zeroFret, 'a zero fret takes the place of the nut’s slots', ['nutAction']],
            [
                $s->head->headstock->hasPosts(), 'strings are clamped behind the nut and tuned at the bridge',
                [
                    'headAngle', 'headConstruction', 'headStep', 'headThickness', 'veneer', 'tunerLayout', 'firstPost', 'tunerSpacing', 'posts', 'tunerWidth', 'tunerHole',
                    'tunerLeast', 'tunerMost', 'postHeight', 'guided', 'guideAt', 'guideDrop', 'tunerMass', 'volute',
                ],
            ],
            [$s->head->tuners !== TunerPlace::Side, 'tuners through the side clamp on its edges', ['tunerLeast', 'tunerMost']],
            [$s->neck->rods > 1, 'one rod lies on the centre line', ['rodSpacing']],
            [$s->head->headstock === HeadstockKind::Angled, 'the headstock is flat', ['headAngle', 'headConstruction']],
            [$s->head->headstock === HeadstockKind::Flat, 'the headstock is angled', ['headStep']],
            [$s->head->guided > 0, 'no string runs under a guide', ['guideAt', 'guideDrop']],
            [$s->head->posts === [], 'the posts are drawn one by one', ['tunerLayout', 'firstPost', 'tunerSpacing']],
            [
                $bolted, 'only a bolted neck has screws or bolts',
                ['fastener', 'fasteners', 'screwLength', 'plateThickness'],
            ],
            [
                $s->joinery->joint === NeckJoint::BoltOn && $s->joinery->fastener === Fastener::Screws,
                'only screws go through a plate',
                ['plateThickness'],
            ],
            [
                $s->joinery->joint !== NeckJoint::Through, 'a through neck has no pocket',
                ['pocketDepth', 'pocketLength', 'pocketWidth'],
            ],
        ];
    }

    /** @return list<array{bool, string, list<string>}> */
    private static function body(Specification $s): array
    {
        $body = $s->bodywork;
        $isBox = $body->body === BodyConstruction::FlatTop;

        return [
            [$body->outline === BodyOutline::Imported, 'the outline is one of the house’s', ['outlineSvg']],
            [
                ! $isBox,
                'a flat-top is a box',
                [
                    'bodyPieces', 'edges', 'edgeRadius', 'contours', 'chamberShare', 'chamberDepth', 'weightRelief',
                    'cavities', 'bodyThickness',
                ],
            ],
            [$isBox, 'only a flat-top is a box', array_map(static fn (Field $field): string => $field->key, Boxwork::fields())],
            [$s->box->bracing === BracingPattern::Drawn, 'the braces follow their pattern', ['braces']],
            [$body->body === BodyConstruction::Solid, 'only a solid body is relieved', ['weightRelief']],
            [$s->isRelieved(), 'a solid body has no chambers unless it is relieved', ['chamberShare', 'chamberDepth']],
            [$body->edges !== EdgeShape::Square, 'square edges have no radius', ['edgeRadius']],
            [$body->bodyBinding->mm > 0, 'the body is not bound', ['bodyBindingHeight']],
            [$s->bridgework->stringPath === StringPath::Tailpiece, 'there is no tailpiece', ['tailDistance']],
            [$s->bridgework->bridge === BridgeKind::Single, 'one bridge carries all strings', ['singleLength', 'singleWidth']],
            [$s->bridgework->bridge !== BridgeKind::Single, 'each bridge stands under its own string', ['mountingSpan']],
            [
                ! $s->bridgework->bridge->isGlued(), 'the bridge is glued on',
                ['mountingSpan', 'mountingOffset'],
            ],
            [$s->topTimberIsOpen(), 'the top’s timber has no open pores', ['grainFill']],
            [$s->finishing->neckFinish !== NeckFinish::AsBody, 'the neck is finished as the body', ['neckColour']],
        ];
    }

    /** @return list<array{bool, string, list<string>}> */
    private static function electronics(Specification $s): array
    {
        $e = $s->electrics;

        return [
            [
                $e->pickups !== [],
                'there are no pickups',
                [
                    'pots', 'capacitors', 'switch', 'battery', 'jack', 'jackThread', 'jackWall', 'potThread', 'potNut',
                    'controlTop', 'pickupsWound', 'shielding', 'pickupMass',
                ],
            ],
            [$e->pots !== [], 'there are no pots', ['capacitors', 'potThread', 'potNut', 'controlTop']],
        ];
    }
}
