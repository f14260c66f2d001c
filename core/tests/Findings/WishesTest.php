<?php

declare(strict_types=1);

namespace Regimen\Tests\Findings;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Findings\Finding;

/** Instruments as small shops build them (common practice): nothing stops them, and what is odd about them is said. */
final class WishesTest extends TestCase
{
    use JudgedInstruments;

    #[TestWith(['Light on the shoulder', 'targetWeight', '3.3 kg'])]
    #[TestWith(['It must not weigh much', 'targetWeight', '3.3 kg'])]
    #[TestWith(['Quiet on stage', 'shielding', 'foil'])]
    #[TestWith(['No hum, please', 'shielding', 'paint'])]
    #[TestWith(['Low action', 'actionTreble', '1.5'])]
    #[TestWith(['Easy to play', 'gauges', '9 12 16 24w 32w 42w'])]
    #[TestWith(['A fat neck', 'profile', 'D'])]
    #[TestWith(['A neck that fills the hand', 'thicknessFirst', '23'])]
    #[TestWith(['Wide enough for my fingers', 'nutWidth', '45'])]
    #[TestWith(['I bend a lot', 'radiusEnd', '16"'])]
    #[TestWith(['A warm voice', 'capacitors', '47 nF'])]
    #[TestWith(['Nothing that shines', 'finish', 'wiping-oil'])]
    #[TestWith(['Sea green', 'colour', 'sea green'])]
    #[TestWith(['A raw neck', 'neckFinish', 'bare'])]
    #[TestWith(['Drop tuning', 'tuning', 'D4 A3 F3 C3 G2 C2'])]
    #[TestWith(['Short, for travel', 'scale', '24"'])]
    public function test_a_wish_is_open_until_the_client_has_said_what_answers_it(
        string $wish,
        string $field,
        string $typed,
    ): void {
        $open = static fn (array $values): array => array_values(
            array_filter(
                self::judge($values),
                static fn (Finding $finding): bool => str_starts_with($finding->key, 'wish.'),
            ),
        );
        $before = $open(['wishes' => $wish]);
        self::assertCount(1, $before, $wish);
        self::assertStringContainsString($wish, $before[0]->figures);
        self::assertContains($field, $before[0]->fields);
        self::assertSame([], $open(['wishes' => $wish, $field => $typed]), "answered by {$field}");
    }

    public function test_each_wish_is_judged_on_its_own_and_keeps_its_key(): void
    {
        $keys = static fn (string $wishes): array => array_values(
            array_filter(
                array_map(static fn (Finding $finding): string => $finding->key, self::judge(['wishes' => $wishes])),
                static fn (string $key): bool => str_starts_with($key, 'wish.'),
            ),
        );
        self::assertCount(3, $keys("Quiet on stage.\nA fat neck; my initials"));
        self::assertSame($keys('Quiet on stage'), $keys('  quiet ON stage. '));
        self::assertSame([], $keys("\n. ;\n"));
    }
}
