<?php

declare(strict_types=1);

namespace Regimen\Instrument\Neck;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Units\Length;

/** The headstock and its tuners. */
final readonly class Headstock
{
    /**
     * @param  float  $headAngle  degrees
     * @param  list<array{float, float}>  $posts  mm from the nut and off the centre, string by string
     * @param  float  $tunerMass  g
     */
    public function __construct(
        public HeadstockKind $headstock,
        public float $headAngle,
        public HeadstockConstruction $headConstruction,
        public Length $headStep,
        public Length $headLength,
        public Length $headThickness,
        public Length $veneer,
        public TunerPlace $tuners,
        public TunerLayout $tunerLayout,
        public Length $firstPost,
        public Length $tunerSpacing,
        public array $posts,
        public Length $tunerWidth,
        public Length $tunerHole,
        public Length $tunerLeast,
        public Length $tunerMost,
        public Length $postHeight,
        public int $guided,
        public Length $guideAt,
        public Length $guideDrop,
        public float $tunerMass,
    ) {
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice(
                'headstock', 'Headstock', HeadstockKind::class,
                ['guitar' => 'angled', 'bass' => 'flat', 'flat-top' => 'angled'],
            ),
            Field::number(FieldKind::Angle, 'headAngle', 'Headstock angle', 0, 25, '10°'),
            Field::choice('headConstruction', 'Headstock made by', HeadstockConstruction::class, 'scarf'),
            Field::length(
                'headStep', 'Step of a flat headstock', 0, 30, ['guitar' => '11', 'bass' => '15', 'flat-top' => '11'],
                'board surface down to the face',
            ),
            Field::length('headLength', 'Headstock or headpiece, length', 15, 400, '', 'left empty: by the tuners'),
            Field::length('headThickness', 'Headstock thickness', 8, 30, '15'),
            Field::length('veneer', 'Headstock veneer, in it', 0, 6, '0'),
            Field::choice('tuners', 'Tuners are set', TunerPlace::class, '', 'left open: by the headstock'),
            Field::choice('tunerLayout', 'Tuners stand', TunerLayout::class, '', 'left open: by the strings'),
            Field::length(
                'firstPost', 'Nut to the first post', 15, 150, ['guitar' => '42', 'bass' => '55', 'flat-top' => '42'],
            ),
            Field::length(
                'tunerSpacing', 'Post to post', 10, 80, ['guitar' => '25.5', 'bass' => '40', 'flat-top' => '38'],
            ),
            Field::text(
                FieldKind::Points, 'posts', 'Posts, if drawn', '',
                'for each string 42/-9: from the nut, off the centre',
            ),
            Field::length(
                'tunerWidth', 'Tuner body, along the row', 5, 60,
                ['guitar' => '20', 'bass' => '34', 'flat-top' => '20'],
            ),
            Field::length('tunerHole', 'Tuner hole', 4, 25, ['guitar' => '10', 'bass' => '17.5', 'flat-top' => '10']),
            Field::length('tunerLeast', 'Headstock the tuners need, least', 5, 30, '12'),
            Field::length('tunerMost', 'Headstock the tuners need, most', 5, 35, '17'),
            Field::length(
                'postHeight', 'String above the face at the post', 2, 30,
                ['guitar' => '8', 'bass' => '7', 'flat-top' => '8'],
            ),
            Field::number(
                FieldKind::Whole, 'guided', 'Strings under a guide', 0, 12, '',
                'counted from the treble; left empty: where they break too little',
            ),
            Field::length('guideAt', 'Guide, from the nut', 8, 150, '', 'left empty: before the first post'),
            Field::length('guideDrop', 'Guide below the nut slot', 0.5, 20, '5'),
            Field::number(
                FieldKind::Mass, 'tunerMass', 'Mass of a tuner', 5, 250,
                ['guitar' => '38 g', 'bass' => '85 g', 'flat-top' => '25 g'],
            ),
        ];
    }
}
