<?php

declare(strict_types=1);

namespace Regimen\Tests\Costing;

use PHPUnit\Framework\TestCase;
use Regimen\Costing\Kit;
use Regimen\Costing\KitLine;
use Regimen\Costing\KitState;
use Regimen\Costing\MaterialUse;
use Regimen\Costing\PriceRule;
use Regimen\Costing\PriceWay;
use Regimen\Costing\Quote;
use Regimen\Costing\StarterPrices;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Instrument\Specification;
use Regimen\Tests\Specifications;
use Regimen\Units\Duration;
use Regimen\Units\Length;
use Regimen\Units\Money;

final class KitTest extends TestCase
{
    public function test_a_body_is_bought_rough_with_its_waste(): void
    {
        // By hand: 45 + 6 mm planing × 350 × 510 mm are 3.858 bd ft (1 bd ft = 144 in³); with a quarter lost 5.14,
        // bought as 5.2.
        $exact = (51 / 25.4) * (350 / 25.4) * (510 / 25.4) / 144 / 0.75;
        self::assertEqualsWithDelta(5.14, $exact, 0.01);
        $body = self::line(Specifications::sixString(), 'red alder for the body');
        self::assertSame(5.2, $body->quantity);
        self::assertSame('bd ft', $body->price->unit);
        self::assertSame(4_680, $body->cost()->minor, '5.2 bd ft at 9');
    }

    public function test_each_layer_is_bought_apart(): void
    {
        $names = self::names(
            Specifications::sixString(
                [
                    'layers' => [
                        Specifications::layer('black walnut', 6), Specifications::layer('sugar maple', 2),
                        Specifications::layer('white ash', 37),
                    ],
                ],
            ),
        );
        foreach (['black walnut for the top', 'sugar maple for layer 2', 'white ash for layer 3'] as $layer) {
            self::assertContains($layer, $names);
        }
    }

    public function test_a_bass_takes_the_parts_of_a_bass(): void
    {
        $bass = Specifications::sixString(
            [
                'type' => InstrumentType::Bass, 'strings' => 5, 'scale' => Length::ofInches(34),
                'nutWidth' => Length::ofMillimetres(45), 'pickups' => 1,
            ],
        );
        self::assertSame(5.0, (float) self::line($bass, 'bass tuner')->quantity);
        self::assertSame(1.0, (float) self::line($bass, 'bass pickup')->quantity);
        self::assertContains('set of bass strings', self::names($bass));
        self::assertNotContains('tuner', self::names($bass));
    }

    public function test_nothing_is_bought_that_is_not_needed(): void
    {
        self::assertNotContains('pickup', self::names(Specifications::sixString(['pickups' => 0])));
        self::assertContains(
            'lacquer, sealer, thinner, colour',
            self::names(Specifications::sixString(['finish' => FinishSystem::Nitrocellulose])),
        );
        self::assertNotContains('lacquer, sealer, thinner, colour', self::names(Specifications::sixString()));
    }

    public function test_fret_wire_is_bought_by_the_tenth_of_a_metre(): void
    {
        $wire = self::line(Specifications::sixString(), 'fret wire');
        self::assertEqualsWithDelta(round(10 * $wire->quantity), 10 * $wire->quantity, 1e-9);
        self::assertGreaterThan(22 * 0.047 * 1.1, $wire->quantity);
        self::assertLessThan(22 * 0.061 * 1.1 + 0.1, $wire->quantity);
    }

    public function test_prices_come_in_the_shops_currency(): void
    {
        self::assertSame('JPY', Kit::for(Specifications::sixString(), StarterPrices::in('JPY'))->cost()->currency);
        self::assertSame(48, StarterPrices::labourRate('JPY')->minor);
        self::assertSame(4_800, StarterPrices::labourRate('USD')->minor);
    }

    public function test_what_is_in_the_shop(): void
    {
        self::assertSame(
            [false, false, true, true],
            array_map(static fn (KitState $state): bool => $state->isInTheShop(), KitState::cases()),
        );
    }

    public function test_a_line_is_split_to_the_minor_unit(): void
    {
        $split = (new MaterialUse(Money::ofMinor(100, 'EUR'), 3, 1, 1))->split();
        self::assertSame(100, $split->used->minor + $split->lost->minor + $split->left->minor);
        $all = (new MaterialUse(Money::ofMinor(999, 'EUR'), 2.5, 2.5, 0))->split();
        self::assertSame([999, 0, 0], [$all->used->minor, $all->lost->minor, $all->left->minor]);
    }

    public function test_the_margin_is_a_share_of_the_price(): void
    {
        mt_srand(71);
        for ($round = 0; $round < 200; $round++) {
            $margin = mt_rand(0, 800);
            $quote = Quote::compute(
                Money::ofMinor(mt_rand(1000, 9000), 'EUR')->forTime(Duration::ofMinutes(mt_rand(100, 9000))), Money::ofMinor(mt_rand(0, 200_000), 'EUR'),
                new PriceRule(mt_rand(0, 500), PriceWay::Margin, $margin),
            );
            self::assertEqualsWithDelta(
                $margin / 1_000, ($quote->price->minor - $quote->cost->minor) / $quote->price->minor, 0.001,
            );
            self::assertSame(
                $quote->cost->minor,
                $quote->labour->minor + $quote->material->minor + $quote->overhead->minor,
            );
        }
    }

    public function test_overhead_below_zero_is_refused(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        new PriceRule(-1, PriceWay::MarkUp, 0);
    }

    private static function line(Specification $specification, string $name): KitLine
    {
        foreach (Kit::for($specification, StarterPrices::in('EUR'))->lines as $line) {
            if ($line->name === $name) {
                return $line;
            }
        }
        self::fail("There is no {$name}.");
    }

    /** @return list<string> */
    private static function names(Specification $specification): array
    {
        return array_map(
            static fn (KitLine $line): string => $line->name, Kit::for($specification, StarterPrices::in('EUR'))->lines,
        );
    }
}
