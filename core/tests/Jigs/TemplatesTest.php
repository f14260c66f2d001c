<?php

declare(strict_types=1);

namespace Regimen\Tests\Jigs;

use PHPUnit\Framework\TestCase;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Jigs\BitWear;
use Regimen\Jigs\Deviation;
use Regimen\Jigs\TemplateFit;
use Regimen\Jigs\TemplateShape;
use Regimen\Tests\Specifications;

/** Which template serves which instrument. */
final class TemplatesTest extends TestCase
{
    private static function box(float $x, float $y, float $wide, float $high): Polygon
    {
        return Polygon::of([new Point($x, $y), new Point($x + $wide, $y), new Point($x + $wide, $y + $high), new Point($x, $y + $high)]);
    }

    public function test_the_greatest_distance_either_way(): void
    {
        $square = self::box(0, 0, 100, 100);
        self::assertEqualsWithDelta(0.0, Deviation::between($square, $square)->most, 1e-12);
        // Moved by 3 along one side it is off by 3; a corner that is moved by 3 and 4 by 5.
        self::assertEqualsWithDelta(3.0, Deviation::between($square, self::box(3, 0, 100, 100))->most, 1e-9);
        self::assertEqualsWithDelta(5.0, Deviation::between($square, Polygon::of([new Point(-3, -4), new Point(100, 0), new Point(100, 100), new Point(0, 100)]))->most, 0.2);
        // A tooth on one of them is found from either.
        $tooth = Polygon::of([new Point(0, 0), new Point(49, 0), new Point(50, -7), new Point(51, 0), new Point(100, 0), new Point(100, 100), new Point(0, 100)]);
        foreach ([Deviation::between($square, $tooth), Deviation::between($tooth, $square)] as $deviation) {
            self::assertEqualsWithDelta([7.0, 50.0, -7.0], [$deviation->most, $deviation->at->x, $deviation->at->y], 1e-9);
        }
    }

    public function test_an_instrument_fits_its_own_templates_and_those_of_its_like(): void
    {
        $one = Specifications::workings();
        foreach (TemplateShape::cases() as $shape) {
            self::assertTrue(TemplateFit::of($shape, $one, Specifications::workings(['colour' => 'black', 'pickups' => 1]))->fits, $shape->value);
        }
        // Another scale moves the body, not its outline; the fretboard is another.
        $short = Specifications::workings(['scale' => '24 3/4"']);
        self::assertTrue(TemplateFit::of(TemplateShape::Body, $one, $short)->fits);
        self::assertFalse(TemplateFit::of(TemplateShape::Fretboard, $one, $short)->fits);
    }

    public function test_how_far_it_is_off_and_where(): void
    {
        $wide = TemplateFit::of(TemplateShape::Body, Specifications::workings(), Specifications::workings(['bodyWidth' => '329']));
        self::assertFalse($wide->fits);
        // Scaled from 325 to 329 it is wider by 2 on each side, and longer by as much of its length.
        self::assertGreaterThan(2.0, (float) $wide->most);
        self::assertLessThan(490.0 * 4 / 325 + 0.5, (float) $wide->most);
        self::assertNotNull($wide->at);
        self::assertStringContainsString('does not fit', $wide->words);
        $near = TemplateFit::of(TemplateShape::Fretboard, Specifications::workings(), Specifications::workings(['nutWidth' => '44.4']));
        self::assertEqualsWithDelta(0.7, (float) $near->most, 0.05);
        self::assertStringContainsString('Nearly', $near->words);
    }

    public function test_a_mirrored_one_is_refused_for_the_other_hand(): void
    {
        $right = Specifications::workings();
        $left = Specifications::workings(['hand' => 'left']);
        $refused = TemplateFit::of(TemplateShape::Body, $right, $left);
        self::assertFalse($refused->fits);
        self::assertNull($refused->most);
        self::assertStringContainsString('for the right hand and this is for the left', $refused->words);
        // From the side both hands are alike, and a board with both edges alike is no side’s own.
        self::assertTrue(TemplateFit::of(TemplateShape::Neck, $right, $left)->fits);
        self::assertTrue(TemplateFit::of(TemplateShape::Fretboard, $right, $left)->fits);
    }

    public function test_operations_know_their_template_and_bits_their_metres(): void
    {
        self::assertSame([TemplateShape::Body, TemplateShape::Fretboard, null], [TemplateShape::of('body.outline'), TemplateShape::of('fretboard.taper'), TemplateShape::of('finish.polish')]);
        // 1.5 m round a body 45 mm deep in as many passes as G20 asks for.
        $passes = (int) ceil(45 / 6);
        self::assertSame((int) ceil(1500 * $passes / 100), BitWear::along(1500.0, 45.0));
        self::assertSame([false, true], [(new BitWear(499, 500))->isDull(), (new BitWear(500, 500))->isDull()]);
        self::assertStringContainsString('sharpen it soon', (new BitWear(420, 500))->words());
        self::assertSame('12.0 of 50 m', (new BitWear(120, 500))->words());
    }
}
