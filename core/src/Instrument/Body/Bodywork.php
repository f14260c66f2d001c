<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Fields\YesNo;
use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Units\Length;

/** The body from its outline to its cavities. */
final readonly class Bodywork
{
    /**
     * @param  list<Layer>  $layers
     * @param  float|null  $bodyMoisture  %
     * @param  float  $chamberShare  %
     * @param  list<Cavity>  $cavities
     * @param  float  $otherMass  g
     */
    public function __construct(
        public BodyConstruction $body,
        public BodyOutline $outline,
        public Length $bodyWidth,
        public string $outlineSvg,
        public array $layers,
        public ?Length $bodyThickness,
        public int $bodyPieces,
        public TimberCut $bodyCut,
        public ?float $bodyMoisture,
        public float $chamberShare,
        public Length $chamberDepth,
        public bool $weightRelief,
        public array $cavities,
        public EdgeShape $edges,
        public Length $edgeRadius,
        public Contour $contours,
        public Length $bodyBinding,
        public Length $bodyBindingHeight,
        public ?Length $strapButton,
        public float $otherMass,
    ) {
    }

    /** @return list<Field> */
    public static function fields(): array
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
}
