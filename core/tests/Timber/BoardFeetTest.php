<?php

declare(strict_types=1);

namespace Regimen\Tests\Timber;

use PHPUnit\Framework\TestCase;
use Regimen\Timber\BoardFeet;
use Regimen\Timber\Species;
use Regimen\Units\Length;

final class BoardFeetTest extends TestCase
{
    public function test_the_worked_example(): void
    {
        // CALCULATIONS T4: 2 in × 8 in × 6 ft are 8 board feet.
        self::assertEqualsWithDelta(
            8.0,
            BoardFeet::of(Length::ofInches(2), Length::ofInches(8), Length::parse('6 ft'))->value,
            1e-9,
        );
    }

    public function test_planing_and_waste_are_bought_too(): void
    {
        $finished = Length::ofMillimetres(50.8 - 6);
        self::assertEqualsWithDelta(
            16.0,
            BoardFeet::forFinished($finished, Length::ofInches(8), Length::parse('6 ft'), 0.5)->value,
            1e-9,
        );
        $this->expectException(\InvalidArgumentException::class);
        BoardFeet::forFinished($finished, $finished, $finished, 1.0);
    }

    public function test_an_unknown_timber_is_refused_with_the_known_ones(): void
    {
        self::assertTrue(Species::named('white ash')->openPored);
        $this->expectExceptionMessage('sugar maple');
        Species::named('plastic');
    }
}
