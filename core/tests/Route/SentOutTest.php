<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\TestCase;
use Regimen\Route\Edits\SendOut;
use Regimen\Route\Operation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;

/** Work that is done elsewhere, on the route. */
final class SentOutTest extends TestCase
{
    use EditedRoutes;

    /** @return array<string, mixed> */
    private static function send(string $key, int $days, string ...$also): array
    {
        return ['kind' => 'send-out', 'key' => $key, 'to' => 'the joinery', 'away' => 1_440 * $days, 'also' => array_values($also)];
    }

    public function test_it_is_packed_here_and_its_piece_is_away_for_as_long_as_it_takes_there(): void
    {
        $edited = self::edit(self::send(BodyOperation::Joint->value, 9));
        $was = $edited->derived->find(BodyOperation::Joint->value);
        $is = $edited->route->find(BodyOperation::Joint->value);
        self::assertInstanceOf(Operation::class, $was);
        self::assertInstanceOf(Operation::class, $is);
        self::assertSame([0, SendOut::PACKING, 9 * 1_440, null, SendOut::WAY], [$is->setUp->minutes, $is->hours->likely->minutes, $is->hold->minutes, $is->standard->station, $is->standard->way]);
        self::assertSame($was->pieces, $is->pieces, 'nothing else is done on its pieces meanwhile');
        self::assertSame([], $edited->damage(), 'what it was to come after and before stays');
        self::assertSame('“'.$was->name.'” sent out to the joinery, 9 days.', array_values($edited->words)[0]);
    }

    public function test_what_is_done_there_along_with_it_falls_away_and_the_order_stays(): void
    {
        $coats = array_values(array_filter(
            array_map(static fn (Operation $one): string => $one->key, self::edit()->route->operations), static fn (string $key): bool => CoatStep::tryFrom($key) !== null || str_contains($key, 'coat'),
        ));
        self::assertGreaterThan(2, count($coats));
        $edited = self::edit(self::send($coats[0], 14, ...array_slice($coats, 1)));
        self::assertSame([], array_values(array_intersect(array_slice($coats, 1), array_keys(self::positions($edited->route)))));
        self::assertLessThan($edited->derived->work()->minutes, $edited->route->work()->minutes);
        self::assertSame([], $edited->left);
        // What came after the last coat comes after the one that is sent out.
        $ancestors = $edited->route->ancestors();
        $last = $coats[count($coats) - 1];
        foreach ($edited->derived->links as $link) {
            if ($link->before === $last && ! in_array($link->after, $coats, true)) {
                self::assertArrayHasKey($coats[0], $ancestors[$link->after]);
            }
        }
    }

    public function test_what_cannot_be_sent_out_is_left_with_its_reason(): void
    {
        foreach ([
            [self::send('no.such', 3), 'no.such'], [self::send(BodyOperation::Joint->value, 0), 'away for a day at least'],
            [self::send(BodyOperation::Joint->value, 3, BodyOperation::Joint->value), 'is sent out already'], [self::send(BodyOperation::Joint->value, 3, 'no.such'), 'no.such'],
        ] as [$change, $says]) {
            self::assertStringContainsString($says, implode(' ', self::edit($change)->left));
        }
    }
}
