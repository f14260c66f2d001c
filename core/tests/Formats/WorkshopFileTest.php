<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Regimen\Formats\Workshop\PlannedFile;
use Regimen\Formats\Workshop\WorkshopFile;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Problem\Promise;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;
use Regimen\Units\UnreadableFile;

/** A workshop as a file: read whole or refused with its line, planned, and told with its reasons. */
final class WorkshopFileTest extends TestCase
{
    use WrittenShop;

    public function test_the_shop_is_read_planned_and_told_with_reasons(): void
    {
        $shop = WorkshopFile::read(self::SHOP);
        self::assertSame(
            ['o:A2', 'o:A3', 'o:B1', 'o:B2'], self::sorted(array_keys($shop->problem->activities)),
            'what is done is not planned',
        );
        self::assertSame([1, 2], [$shop->problem->capacities['r:saw'], $shop->problem->capacities['r:clamps']]);
        self::assertSame(Promise::Immovable, $shop->problem->dues['b:A']->promise);
        self::assertCount(1, $shop->problem->workers, 'nobody is planned without hours');
        $objective = new Objective;
        $told = json_decode(
            PlannedFile::write(Improver::improve($shop->problem, new Budget(20)), $shop, $objective, 1),
            true,
            16,
            JSON_THROW_ON_ERROR,
        );
        $operations = array_column($told['operations'], null, 'id');
        // Friday 13:00 to 14:30, a day in the clamps over the clock change, half an hour more, then Monday off: Tuesday
        // 8:00.
        self::assertSame(
            ['2026-03-27T13:00+01:00', '2026-03-27T14:30+01:00', '2026-03-28T14:30+01:00'],
            [$operations['A2']['start'], $operations['A2']['workEnd'], $operations['A2']['finish']],
        );
        self::assertSame(['2026-03-31T08:00+02:00', 'one'], [$operations['A3']['start'], $operations['A3']['person']]);
        self::assertSame(
            '2026-03-28T14:30+01:00',
            $operations['B1']['start'] >= '2026-03-28' ? '2026-03-28T14:30+01:00' : '',
            'both clamps are taken until then',
        );
        self::assertStringContainsString('“glue” of A', $operations['A3']['because']['words']);
        self::assertSame(
            [
                [
                    'id' => 'B2',
                    'because' => 'Nobody who works in the shop has the skill “magic”. Give it to someone under People, '
                        .'or give somebody who has it working hours.',
                ],
            ],
            $told['unplanned'],
        );
        $builds = array_column($told['builds'], null, 'id');
        self::assertSame(
            [0, '2026-03-31T23:59+02:00', null],
            [$builds['A']['lateMinutes'], $builds['A']['promise'], $builds['B']['promise']],
        );
        self::assertLessThanOrEqual($told['firstObjective'], $told['objective']);
    }

    public function test_what_is_settled_is_read_and_kept(): void
    {
        $shop = WorkshopFile::read(self::SETTLED);
        self::assertSame(
            [500, 10, 60],
            [$shop->problem->weights->late, $shop->problem->weights->immovable, $shop->problem->weights->frozenMinutes],
        );
        $told = json_decode(
            PlannedFile::write(
                Improver::improve($shop->problem, new Budget(1), keys: $shop->inForce?->keys), $shop, new Objective, 1,
            ),
            true,
            16,
            JSON_THROW_ON_ERROR,
        );
        $operations = array_column($told['operations'], null, 'id');
        // Twice as fast. The first cut could be at eight, but the router is down from ten to eleven and the next has to
        // follow
        // within half an hour: both come after it, the second without setting up.
        self::assertSame(
            ['outage', '2026-03-18T11:00+01:00', '2026-03-18T11:30+01:00'],
            [$operations['A1']['because']['kind'], $operations['A1']['start'], $operations['A1']['workEnd']],
        );
        self::assertSame(
            ['frozen', '2026-03-18T08:45+01:00'], [$operations['A4']['because']['kind'], $operations['A4']['workEnd']],
        );
        self::assertSame(
            ['2026-03-18T11:30+01:00', '2026-03-18T11:50+01:00', 'A1'],
            [$operations['A2']['start'], $operations['A2']['workEnd'], $operations['A2']['sharesSetUpOf']],
        );
        self::assertSame(
            ['pin', '2026-03-19T08:00+01:00'], [$operations['A3']['because']['kind'], $operations['A3']['start']],
        );
        self::assertSame(
            [['window', 'A4']],
            array_map(static fn (array $one): array => [$one['kind'], $one['operation']], $told['troubles']),
        );
        $schema = (string) file_get_contents(dirname(__DIR__, 3).'/docs/workshop.schema.json');
        self::assertTrue((new Validator)->validate(json_decode(self::SETTLED), $schema)->isValid());
    }

    public function test_ids_of_digits_only_and_the_same_for_different_things_stay_apart(): void
    {
        $text = str_replace(
            ['"A1"', '"A2"', '"A3"', '"saw"', '"clamps"', '"one"', '"id": "A"'],
            ['"1"', '"2"', '"03"', '"7"', '"007"', '"1"', '"id": "1"'],
            str_replace('"name": "saw"', '"name": "to length"', self::SHOP),
        );
        $shop = WorkshopFile::read($text);
        $told = json_decode(
            PlannedFile::write(Improver::improve($shop->problem, new Budget(5)), $shop, new Objective, 1),
            true,
            16,
            JSON_THROW_ON_ERROR,
        );
        self::assertSame(
            ['2', '03', 'B1'],
            array_values(array_intersect(['2', '03', 'B1'], array_column($told['operations'], 'id'))),
        );
        self::assertSame(['1', 'B'], array_column($told['builds'], 'id'));
        foreach ($told['operations'] as $operation) {
            self::assertIsString($operation['id']);
            self::assertTrue($operation['person'] === null || $operation['person'] === '1');
        }
    }

    public function test_a_file_that_is_too_large_is_not_even_read(): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage('larger than 20 MB');
        WorkshopFile::read(str_repeat(' ', 20_000_001));
    }

    public function test_a_shop_with_nothing_to_do_and_nobody_in_it_is_planned(): void
    {
        $shop = WorkshopFile::read(
            '{"format": "regimen-workshop/1", "timezone": "UTC", "now": "2026-03-18T08:02", "people": [], "builds": '
                .'[]}',
        );
        $told = json_decode(
            PlannedFile::write(Improver::improve($shop->problem, new Budget(5)), $shop, new Objective, 1),
            true,
            16,
            JSON_THROW_ON_ERROR,
        );
        self::assertSame([[], [], []], [$told['operations'], $told['builds'], $told['unplanned']]);
    }

    /** Counting lines from the start for each value would not come to an end here. */
    public function test_a_large_file_is_read_in_one_pass(): void
    {
        $shop = static fn (int $operations): string => '{"format": "regimen-workshop/1", "timezone": "UTC", "now": '
            .'"2026-03-18T08:00", "people": [{"id": "one", "skills": ["a"], "hours": {"monday": "8-16"}}], "builds": '
                .'[{"id": "A", "operations": ['
            ."\n"
            .implode(
                ",\n",
                array_map(
                    static fn (int $one): string => "{\"id\": \"{$one}\", \"labour\": 30, \"skill\": \"a\"}",
                    range(1, $operations),
                ),
            )
            ."\n]}]}";
        $read = WorkshopFile::read($shop(20_000));
        self::assertCount(20_000, $read->problem->activities);
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage('Line 19778 can\'t be read: builds.0.operations.19776.labour');
        WorkshopFile::read(
            str_replace('{"id": "19777", "labour": 30', '{"id": "19777", "labour": "30"', $shop(20_000)),
        );
    }

    /**
     * @param  list<string>  $words
     * @return list<string>
     */
    private static function sorted(array $words): array
    {
        sort($words);

        return $words;
    }
}
