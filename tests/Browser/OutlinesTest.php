<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use Regimen\Geometry\Point;
use Regimen\Geometry\Polygon;
use Regimen\Geometry\Svg\SvgPath;
use Tests\Browser\Support\Chromium;

/** Path data as the browser reads it: an independent reader of SVG says how long a path is and where its points lie. */
final class OutlinesTest extends TestCase
{
    public function test_paths_are_read_as_the_browser_reads_them(): void
    {
        mt_srand(23);
        $paths = [];
        for ($round = 0; $round < 40; $round++) {
            $paths[] = self::path();
        }
        $browser = Chromium::fresh();
        $browser->driver->get('data:text/html,<title>paths</title>');
        $measured = $browser->driver->executeScript(<<<'JS'
            return arguments[0].map((d) => {
                const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
                path.setAttribute('d', d);
                const length = path.getTotalLength();
                const points = [];
                for (let step = 0; step <= 40; step++) {
                    const point = path.getPointAtLength((length * step) / 40);
                    points.push([point.x, point.y]);
                }
                return { length, points };
            });
            JS, [$paths]);
        self::assertIsArray($measured);
        foreach ($measured as $index => ['length' => $length, 'points' => $points]) {
            $polygon = Polygon::of(SvgPath::read($paths[$index])->flattened(1.0));
            self::assertEqualsWithDelta($length, $polygon->perimeter(), 0.004 * $length + 0.1, $paths[$index]);
            foreach ($points as [$x, $y]) {
                self::assertLessThan(0.35, $polygon->distanceTo(new Point((float) $x, (float) $y)), $paths[$index]);
            }
        }
    }

    /** A closed path of random commands, absolute and relative. */
    private static function path(): string
    {
        $number = static fn (int $from = 0, int $to = 200): string => (string) (mt_rand($from * 10, $to * 10) / 10);
        $path = "M{$number()} {$number()}";
        for ($piece = mt_rand(2, 6); $piece > 0; $piece--) {
            $path .= match (mt_rand(0, 11)) {
                0 => "L{$number()},{$number()}",
                1 => "l{$number(-50, 50)} {$number(-50, 50)}",
                2 => "H{$number()}V{$number()}",
                3 => "h{$number(-50, 50)}v{$number(-50, 50)}",
                4 => "C{$number()} {$number()} {$number()} {$number()} {$number()} {$number()}",
                5 => "c{$number(-60, 60)} {$number(-60, 60)} {$number(-60, 60)} {$number(-60, 60)} {$number(-60, 60)} "
                    ."{$number(-60, 60)}",
                6 => "S{$number()} {$number()} {$number()} {$number()}",
                7 => "Q{$number()} {$number()} {$number()} {$number()}T{$number()} {$number()}",
                8 => "q{$number(-60, 60)} {$number(-60, 60)} {$number(-60, 60)} {$number(-60, 60)}t{$number(-60, 60)} "
                    ."{$number(-60, 60)}",
                9 => 'A'.$number(20, 90).' '.$number(20, 90)." {$number(0, 180)} ".mt_rand(0, 1).' '.mt_rand(0, 1)
                    ." {$number()} {$number()}",
                10 => 'a'.$number(20, 90).' '.$number(20, 90)." {$number(0, 180)} ".mt_rand(0, 1).' '.mt_rand(0, 1)
                    ." {$number(-60, 60)} {$number(-60, 60)}",
                default => "s{$number(-60, 60)} {$number(-60, 60)} {$number(-60, 60)} {$number(-60, 60)}",
            };
        }

        return "{$path}Z";
    }
}
