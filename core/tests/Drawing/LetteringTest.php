<?php

declare(strict_types=1);

namespace Regimen\Tests\Drawing;

use PHPUnit\Framework\TestCase;
use Regimen\Drawing\Lettering;
use Regimen\Timber\Species;

final class LetteringTest extends TestCase
{
    /** Source: the contrast ratios that are usually given for greys on white under WCAG 2 (from memory). */
    public function test_contrasts_of_known_pairs(): void
    {
        self::assertEqualsWithDelta(21.0, Lettering::contrast('#000000', '#ffffff'), 1e-9);
        self::assertEqualsWithDelta(4.54, Lettering::contrast('#767676', '#ffffff'), 0.005);
        self::assertEqualsWithDelta(4.48, Lettering::contrast('#ffffff', '#777777'), 0.005);
        self::assertEqualsWithDelta(3.95, Lettering::contrast('#808080', '#ffffff'), 0.005);
    }

    public function test_letters_stand_out_from_every_timber_and_every_grey(): void
    {
        $colours = array_map(static fn (int $grey): string => '#'.str_repeat(sprintf('%02x', $grey), 3), range(0, 255));
        foreach (Species::names() as $name) {
            $colours[] = Species::named($name)->colour;
        }
        foreach ($colours as $colour) {
            self::assertGreaterThan(4.5, Lettering::contrast(Lettering::on($colour), $colour), $colour);
        }
        self::assertSame(['#ffffff', '#000000'], [Lettering::on('#2b1d14'), Lettering::on('#e9d8b4')]);
    }
}
