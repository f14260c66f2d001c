<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Body\BodyOutline;
use Regimen\Instrument\Body\BridgeKind;
use Regimen\Instrument\Body\Cavity;
use Regimen\Instrument\Body\CavityKind;
use Regimen\Instrument\Body\Contour;
use Regimen\Instrument\Body\EdgeShape;
use Regimen\Instrument\Body\Layer;
use Regimen\Instrument\Body\StringPath;
use Regimen\Instrument\Electrics\JackPlace;
use Regimen\Instrument\Electrics\Pickup;
use Regimen\Instrument\Electrics\PickupKind;
use Regimen\Instrument\Electrics\Shielding;
use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Fields\YesNo;
use Regimen\Instrument\Finish\BoardFinish;
use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Instrument\Finish\GrainFill;
use Regimen\Instrument\Finish\NeckFinish;
use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Instrument\Neck\Fastener;
use Regimen\Instrument\Neck\NeckJoint;

/** Joint, body, bridge, electronics and finish. Defaults and bounds are common practice without a single source. */
final class BodyFields
{
    /** @return list<Field> */
    public static function joint(): array
    {
        return [
            Field::choice(
                'joint', 'Neck joint', NeckJoint::class,
                ['guitar' => 'bolt-on', 'bass' => 'bolt-on', 'flat-top' => 'set'],
            ),
            Field::choice('fastener', 'Neck held by', Fastener::class, 'screws'),
            Field::number(FieldKind::Whole, 'fasteners', 'Screws or bolts, how many', 1, 8, '4'),
            Field::length('screwLength', 'Screw or bolt, length', 10, 90, '45'),
            Field::length('plateThickness', 'Plate or washer', 0, 6, '1.5'),
            Field::number(
                FieldKind::Whole, 'joinFret', 'Body begins at fret', 8, 36,
                ['guitar' => '16', 'bass' => '16', 'flat-top' => '14'],
            ),
            Field::length(
                'heelThickness', 'Heel, board included', 12, 90, ['guitar' => '24', 'bass' => '26', 'flat-top' => '24'],
            ),
            Field::length('heelWidth', 'Heel width', 25, 180, '', 'left empty: the board’s at its end'),
            Field::length('pocketDepth', 'Pocket depth', 0, 80, ['guitar' => '16', 'bass' => '18', 'flat-top' => '18']),
            Field::length(
                'pocketLength', 'Pocket length', 10, 250, ['guitar' => '', 'bass' => '', 'flat-top' => '60'],
                'left empty: to just before the board’s end',
            ),
            Field::length('pocketWidth', 'Pocket width', 25, 180, '', 'left empty: the heel’s'),
            Field::number(FieldKind::Angle, 'neckAngle', 'Neck angle', -3, 8, '0°', 'strings rise towards the bridge'),
        ];
    }

    /** @return list<Field> */
    public static function body(): array
    {
        return [
            Field::choice(
                'body', 'Construction', BodyConstruction::class,
                ['guitar' => 'solid', 'bass' => 'solid', 'flat-top' => 'flat-top'],
            ),
            Field::choice(
                'outline', 'Body outline', BodyOutline::class,
                ['guitar' => 'river', 'bass' => 'heron', 'flat-top' => 'meadow'],
            ),
            Field::length(
                'bodyWidth', 'Body, at its widest', 150, 600, ['guitar' => '325', 'bass' => '330', 'flat-top' => '390'],
            ),
            Field::text(
                FieldKind::Prose, 'outlineSvg', 'Outline as SVG', '', 'one closed path; only for an imported outline',
            ),
            Field::rows('layers', 'Layers, top first', Layer::class, [
                Field::timber('timber', 'Timber', 'red alder'),
                Field::length('thickness', 'Thickness', 0.5, 120),
            ], 1, 6, 'a body has one to six layers'),
            Field::length(
                'bodyThickness', 'Body thickness, as agreed', 10, 200, '', 'if the layers have to come to it',
            ),
            Field::number(FieldKind::Whole, 'bodyPieces', 'Glued up from', 1, 6, '2', 'pieces side by side'),
            Field::choice('bodyCut', 'Body cut', TimberCut::class, 'flat-sawn'),
            Field::number(FieldKind::Percent, 'bodyMoisture', 'Body moisture, as read', 1, 40),
            Field::number(
                FieldKind::Percent, 'chamberShare', 'Chambers, share of the outline', 0, 80, '28 %',
                'also relief holes',
            ),
            Field::length('chamberDepth', 'Chambers, depth', 0, 80, '30'),
            Field::choice('weightRelief', 'Weight relief in a solid body', YesNo::class, 'no'),
            Field::rows('cavities', 'Cavities', Cavity::class, [
                Field::choice('kind', 'For', CavityKind::class, 'control'),
                Field::length('depth', 'Depth', 1, 90),
                Field::length('length', 'Along the strings', 5, 300, '90'),
                Field::length('width', 'Across', 5, 300, '45'),
                Field::number(FieldKind::Signed, 'behind', 'Behind the scale line', -400, 400, '20'),
                Field::number(FieldKind::Signed, 'across', 'Off the centre, treble −', -300, 300, '-85'),
            ], 0, 8, 'pickups and the neck pocket have their own'),
            Field::choice('edges', 'Edges', EdgeShape::class, 'round'),
            Field::length('edgeRadius', 'Edge radius or bevel', 0, 25, '', 'left empty: 3, less within a binding'),
            Field::choice('contours', 'Contours', Contour::class, 'forearm_and_belly'),
            Field::length('bodyBinding', 'Body binding', 0, 8, '0', '0: none'),
            Field::length('bodyBindingHeight', 'Binding height', 1, 40, '6'),
            Field::number(
                FieldKind::Signed, 'strapButton', 'Front strap button, from the nut', -100, 900, '',
                'left empty: the horn’s tip',
            ),
            Field::number(FieldKind::Mass, 'otherMass', 'Screws, buttons, knobs', 0, 2000, '120 g'),
        ];
    }

    /** @return list<Field> */
    public static function bridge(): array
    {
        return [
            Field::choice(
                'bridge', 'Bridge', BridgeKind::class, ['guitar' => 'fixed', 'bass' => 'fixed', 'flat-top' => 'pinned'],
            ),
            Field::length(
                'bridgeLeast', 'Saddles, lowest', 0, 60, ['guitar' => '10', 'bass' => '11', 'flat-top' => '9'],
                'over the bridge’s foot',
            ),
            Field::length(
                'bridgeMost', 'Saddles, highest', 1, 70, ['guitar' => '16', 'bass' => '19', 'flat-top' => '14'],
            ),
            Field::number(FieldKind::Signed, 'bridgeRecess', 'Bridge let in by', -15, 30, '0', 'minus: packed up'),
            Field::number(
                FieldKind::Signed, 'saddleFront', 'Foremost saddle, from the scale line', -30, 20,
                ['guitar' => '-2', 'bass' => '-3', 'flat-top' => '1'],
            ),
            Field::length(
                'saddleTravel', 'Saddle travel', 0.5, 60, ['guitar' => '10', 'bass' => '14', 'flat-top' => '3'],
            ),
            Field::choice('stringPath', 'Strings end', StringPath::class, 'at_the_bridge'),
            Field::length('tailDistance', 'Tailpiece, behind the scale line', 5, 300, '45'),
            Field::length(
                'mountingSpan', 'Posts or outer screws, apart', 10, 150,
                ['guitar' => '74', 'bass' => '80', 'flat-top' => '100'],
            ),
            Field::number(FieldKind::Signed, 'mountingOffset', 'Posts or screws, behind the scale line', -30, 60, '8'),
            Field::number(
                FieldKind::Mass, 'bridgeMass', 'Mass of the bridge', 5, 2000,
                ['guitar' => '260 g', 'bass' => '420 g', 'flat-top' => '45 g'],
            ),
        ];
    }

    /** @return list<Field> */
    public static function electronics(): array
    {
        return [
            Field::rows('pickups', 'Pickups, from the neck', Pickup::class, [
                Field::text(FieldKind::Name, 'place', 'Name'),
                Field::choice('kind', 'Kind', PickupKind::class, 'humbucker'),
                Field::number(FieldKind::Resistance, 'resistance', 'Resistance, maker’s', 0.001, 10_000),
                Field::length('position', 'Scale line to pole centre', 3, 400, '', 'left empty: worked out'),
                Field::length('depth', 'Cavity depth', 1, 70, '20'),
                Field::length('spread', 'Poles, outer to outer', 20, 150),
            ], 0, 5),
            Field::text(FieldKind::Resistances, 'pots', 'Pots', '', '500k, 500k; left empty: by the pickups'),
            Field::text(FieldKind::Capacitances, 'capacitors', 'Tone capacitors', '22 nF', '22 nF or 0.022 µF'),
            Field::text(
                FieldKind::Positions, 'switch', 'Switch, position by position', '', 'neck, neck + bridge, bridge',
            ),
            Field::choice('battery', 'Battery', YesNo::class, 'no'),
            Field::choice(
                'jack', 'Jack', JackPlace::class, ['guitar' => 'side', 'bass' => 'side', 'flat-top' => 'end'],
            ),
            Field::length('jackThread', 'Jack thread', 3, 40, '9'),
            Field::length('jackWall', 'Timber or plate under the jack', 0.5, 40, '2.5'),
            Field::length('potThread', 'Pot thread', 3, 40, '9.5'),
            Field::length('potNut', 'Pot’s washer and nut', 1, 10, '3.5'),
            Field::length('controlTop', 'Top left over the controls', 0.5, 40, '5'),
            Field::choice('shielding', 'Shielding', Shielding::class, 'none'),
            Field::number(
                FieldKind::Mass, 'pickupMass', 'Mass of a pickup', 5, 600,
                ['guitar' => '110 g', 'bass' => '160 g', 'flat-top' => '20 g'],
            ),
            Field::text(FieldKind::Prose, 'electronics', 'Pickups and electronics in words'),
        ];
    }

    /** @return list<Field> */
    public static function finish(): array
    {
        return [
            Field::choice('finish', 'Finish', FinishSystem::class, 'wiping-oil'),
            Field::text(FieldKind::Text, 'colour', 'Colour, if any'),
            Field::choice('grainFill', 'Open pores', GrainFill::class, 'by_timber'),
            Field::choice('neckFinish', 'Neck finish', NeckFinish::class, 'as_the_body'),
            Field::text(FieldKind::Text, 'neckColour', 'Colour of the neck'),
            Field::choice('boardFinish', 'Board finish', BoardFinish::class, 'by_timber'),
            Field::text(FieldKind::Text, 'boardColour', 'Colour of the board'),
            Field::text(FieldKind::Prose, 'finishSteps', 'Steps in words'),
        ];
    }
}
