<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Geometry\Svg\SvgOutline;
use Regimen\Units\UnreadableFile;

/** Source: path data of SVG 1.1, section 8.3; areas and perimeters of plane geometry. */
final class SvgOutlineTest extends TestCase
{
    private const CIRCLE = 'M 0 50 A 50 50 0 0 1 100 50 A 50 50 0 0 1 0 50 Z';

    /** @return iterable<string, array{string, float, float}> path, area and perimeter at a width of 100 mm */
    public static function shapes(): iterable
    {
        yield 'a square by lines' => ['M0 0 L2 0 L2 2 L0 2 Z', 10_000.0, 400.0];
        yield 'a square by relative turns' => ['m5,5h10v10h-10z', 10_000.0, 400.0];
        yield 'a circle by arcs' => [self::CIRCLE, M_PI * 2500, M_PI * 100];
        yield 'a circle by one arc written tightly' => [
            'M0 50a50 50 0 1150 50A50 50 0 010 50z', M_PI * 2500, M_PI * 100,
        ];
        yield 'an ellipse twice as long as wide' => [
            'M0 50 A100 50 0 0 1 200 50 A100 50 0 0 1 0 50Z', M_PI * 5000, 484.4224,
        ];
        // SVG 1.1, F.6.6: radii that do not reach are enlarged until they just do.
        yield 'half a circle by an arc that is too small' => [
            'M0 0 A10 10 0 0 1 0 100 Z', M_PI * 1250, 100 + M_PI * 50,
        ];
        yield 'a circle by smooth cubics' => [
            'M0 50C0 22.386 22.386 0 50 0S100 22.386 100 50 77.614 100 50 100 0 77.614 0 50',
            M_PI * 2500,
            M_PI * 100,
        ];
        // Under a parabola lie two thirds of its box; two that follow each other add nothing to their square.
        yield 'a parabola by a quadratic' => ['M0 0 Q50 100 100 0 Z', 40_000 / 3, 0.0];
        yield 'a wave by smooth quadratics over a square' => ['M0 0 Q25 50 50 0 T100 0 V-100 H0 Z', 6400.0, 0.0];
    }

    #[DataProvider('shapes')]
    public function test_known_shapes_keep_their_area_and_perimeter(string $path, float $area, float $perimeter): void
    {
        $outline = SvgOutline::read($path, 100.0)->outline;
        self::assertEqualsWithDelta(100.0, $outline->across()->length(), 0.05);
        self::assertEqualsWithDelta(0.0, $outline->along()->from, 1e-9, 'it begins at its neck end');
        self::assertEqualsWithDelta($area, $outline->area(), 0.003 * $area);
        if ($perimeter > 0.0) {
            self::assertEqualsWithDelta($perimeter, $outline->perimeter(), 0.003 * $perimeter);
        }
    }

    public function test_a_document_with_one_path_is_taken_and_its_symmetry_told(): void
    {
        $svg = '<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg"><title>t</title><g><path d="'.self::CIRCLE
            .'"/></g></svg>';
        self::assertEqualsWithDelta(0.0, SvgOutline::read($svg, 330.0)->outline->asymmetry(), 0.2);
        self::assertEqualsWithDelta(
            330.0,
            SvgOutline::read('M0 0L100 0L100 50L0 20Z', 330.0)->outline->across()->length(),
            1e-6,
        );
    }

    public function test_curves_are_followed_within_a_twentieth_of_a_millimetre(): void
    {
        foreach (SvgOutline::read(self::CIRCLE, 400.0)->outline->points as $index => $point) {
            self::assertEqualsWithDelta(200.0, hypot($point->x - 200, $point->y), 0.06, "point {$index}");
        }
        self::assertLessThan(400, count(SvgOutline::read(self::CIRCLE, 400.0)->outline->points));
    }

    #[TestWith(['', 'no outline'])]
    #[TestWith(['M0 0 L10 0 L10 10', 'open'])]
    #[TestWith(['L0 0 Z', 'begins with M'])]
    #[TestWith(['M0 0 L10 Z', 'takes 2 numbers'])]
    #[TestWith(['M0 0 L10 0 L20 0 Z', 'no area'])]
    #[TestWith(['M0 0 L100 60 L100 0 L0 80 Z', 'crosses itself'])]
    #[TestWith(['M0 0h9v9z M1 1h2v2z', 'more than one part'])]
    #[TestWith(['M0 0 L1e99 0 L5 5 Z', 'too large'])]
    #[TestWith(['M0 0 Lx 0Z', 'no path data'])]
    #[
        TestWith(
            ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script><path d="M0 0h9v9z"/></svg>', 'script'],
        )
    ]
    #[
        TestWith(
            [
                '<svg xmlns="http://www.w3.org/2000/svg" onload="x()"><path d="M0 0h9v9z"/></svg>',
                'scripts and references',
            ],
        )
    ]
    #[
        TestWith(
            [
                '<!DOCTYPE svg [<!ENTITY a "aaaa">]><svg xmlns="http://www.w3.org/2000/svg"><path d="M0 '
                    .'0h9v9z"/></svg>',
                'entities',
            ],
        )
    ]
    #[
        TestWith(
            [
                '<svg xmlns="http://www.w3.org/2000/svg"><image href="file:///etc/passwd"/><path d="M0 0h9v9z"/></svg>',
                'image',
            ],
        )
    ]
    #[
        TestWith(
            ['<svg xmlns="http://www.w3.org/2000/svg"><path fill="url(http://x/)" d="M0 0h9v9z"/></svg>', 'references'],
        )
    ]
    #[
        TestWith(
            ['<svg xmlns="http://www.w3.org/2000/svg"><path transform="scale(2)" d="M0 0h9v9z"/></svg>', 'transform'],
        )
    ]
    #[TestWith(['<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0h9v9z"/><path d="M0 0h9v9z"/></svg>', '2 paths'])]
    #[TestWith(['<svg xmlns="http://www.w3.org/2000/svg"></svg>', 'no path'])]
    #[TestWith(['<svg><path', 'well-formed'])]
    public function test_what_is_hostile_or_no_outline_is_refused_with_a_sentence(string $svg, string $says): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($says);
        SvgOutline::read($svg, 330.0);
    }

    public function test_size_is_limited(): void
    {
        foreach (['M0 0'.str_repeat('h1v1', 60_000).'z', 'M0 0'.str_repeat('h1v1', 3000).'z'] as $path) {
            try {
                SvgOutline::read($path, 330.0);
                self::fail('taken');
            } catch (UnreadableFile $refused) {
                self::assertStringContainsString('simplify', $refused->getMessage());
            }
        }
    }
}
