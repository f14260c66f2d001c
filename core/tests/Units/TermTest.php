<?php

declare(strict_types=1);

namespace Regimen\Tests\Units;

use PHPUnit\Framework\TestCase;
use Regimen\Figures\FigureBook;
use Regimen\Tests\Specifications;
use Regimen\Units\Length;
use Regimen\Units\Term;

/** Number and sentence come from one expression: what is said is what was computed. */
final class TermTest extends TestCase
{
    public function test_brackets_stand_where_the_sum_would_be_another_without_them(): void
    {
        $sum = Term::of(3)->plus(Term::of(1));
        $difference = Term::of(9)->minus($sum);
        self::assertSame([5.0, '9.0 − (3.0 + 1.0)'], [$difference->value, $difference->words()]);
        $product = $sum->times(Term::of(2));
        self::assertSame([8.0, '(3.0 + 1.0) · 2.0'], [$product->value, $product->words()]);
        $quotient = Term::of(16)->over($product);
        self::assertSame([2.0, '16.0 / ((3.0 + 1.0) · 2.0)'], [$quotient->value, $quotient->words()]);
        self::assertSame([64.0, '((3.0 + 1.0) · 2.0)²'], [$product->squared()->value, $product->squared()->words()]);
        $plain = Term::of(9)->plus($difference);
        self::assertSame([14.0, '9.0 + 9.0 − (3.0 + 1.0)'], [$plain->value, $plain->words()]);
    }

    public function test_it_computes_with_what_it_was_given_and_shows_it_rounded(): void
    {
        $term = Term::midway(
            Term::of(Length::ofMillimetres(10.004), 2, 'fret 2 at'),
            Term::of(Length::ofMillimetres(20.0), 2, '3 at'),
        );
        self::assertEqualsWithDelta(15.002, $term->value, 1e-12);
        self::assertSame('midway between fret 2 at 10.00 and 3 at 20.00', $term->words());
        $strip = Term::of(1234.4, 0)->scaled(1.1)->note(' + 10 %');
        self::assertEqualsWithDelta(1357.84, $strip->value, 1e-9);
        self::assertSame('1234 + 10 %', $strip->words());
    }

    public function test_what_is_left_of_a_marker_is_told_by_what_took_it(): void
    {
        $formula = static function (string $depth, string $thickness): string {
            $workings = Specifications::workings([
                'markers' => 'dot', 'markerDepth' => $depth, 'markerThickness' => $thickness, 'radius' => '16"',
                'markerDiameter' => '6', 'markerOffset' => '10',
            ]);
            foreach (FigureBook::figures($workings) as $figure) {
                if ($figure->key === 'markerLeft') {
                    return $figure->formula;
                }
            }
            self::fail('no such figure');
        };
        // By hand: 406.4 − √(406.4² − 13²) = 0.208.
        self::assertSame('hole 2.00 − what the radius takes, 0.21 = 1.79 mm', $formula('2', '2'));
        self::assertSame('hole 3.00 − what the marker lies below the flat, 1.00 = 2.00 mm', $formula('3', '2'));
    }
}
