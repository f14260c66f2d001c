<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
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
    private const SHOP = <<<'JSON'
        {
          "format": "regimen-workshop/1", "timezone": "Europe/Berlin", "now": "2026-03-27T13:00",
          "closed": ["2026-04-03"],
          "people": [
            {"id": "one", "name": "First", "skills": ["wood", "glue"], "hours": {"monday": "8-12, 12:30-17", "tuesday": "8-12, 12:30-17", "friday": "8-12, 12:30-17"}, "off": ["2026-03-30"]},
            {"id": "two", "skills": ["wood"], "hours": {}}
          ],
          "stations": [{"id": "saw"}],
          "fixtures": [{"id": "clamps", "capacity": 2}],
          "builds": [
            {"id": "A", "promise": {"date": "2026-03-31", "kind": "immovable"}, "operations": [
              {"id": "A1", "name": "saw", "labour": 60, "setUp": 15, "skill": "wood", "station": "saw", "pieces": ["body"], "done": true},
              {"id": "A2", "name": "glue", "labour": 90, "hold": 1440, "skill": "glue", "fixture": {"id": "clamps", "count": 2}, "pieces": ["body"], "after": [{"id": "A1"}], "oneSitting": true},
              {"id": "A3", "name": "plane", "labour": 120, "skill": "wood", "station": "saw", "pieces": ["body"], "after": [{"id": "A2", "least": 30}]}
            ]},
            {"id": "B", "operations": [
              {"id": "B1", "labour": 30, "skill": "glue", "fixture": {"id": "clamps"}, "earliest": "2026-03-27", "person": "one"},
              {"id": "B2", "labour": 30, "skill": "magic"}
            ]}
          ]
        }
        JSON;

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

    private const SETTLED = <<<'JSON'
        {
          "format": "regimen-workshop/1", "timezone": "Europe/Berlin", "now": "2026-03-18T08:00",
          "weights": {"late": 500, "frozenMinutes": 60},
          "people": [
            {"id": "one", "skills": ["wood"], "speeds": {"wood": 200}, "hours": {"wednesday": "8-12", "thursday": "8-12"},
             "longer": [{"from": "2026-03-18", "to": "2026-03-18", "minutes": 60}],
             "away": [{"from": "2026-03-18T09:00", "to": "2026-03-18T10:00", "because": "an errand"}]}
          ],
          "stations": [{"id": "router", "down": [{"from": "2026-03-18T10:00", "to": "2026-03-18T11:00", "because": "new bearings"}]}, {"id": "air", "capacity": 9}],
          "builds": [
            {"id": "A", "operations": [
              {"id": "A1", "setUp": 20, "setUpKey": "fence", "labour": 40, "skill": "wood", "station": "router", "order": "2026-01-01"},
              {"id": "A2", "setUp": 20, "setUpKey": "fence", "labour": 40, "skill": "wood", "station": "router", "after": [{"id": "A1", "most": 30, "sanding": 10}]},
              {"id": "A3", "labour": 60, "skill": "wood", "pin": {"person": "one", "day": "2026-03-19", "after": "A2"}, "needs": ["air"]},
              {"id": "A4", "labour": 20, "skill": "wood", "closes": "2026-03-18T08:00", "sanding": 10, "told": {"person": "one", "start": "2026-03-18T08:30"}}
            ]}
          ]
        }
        JSON;

    public function test_what_is_settled_is_read_and_kept(): void
    {
        $shop = WorkshopFile::read(self::SETTLED);
        self::assertSame(
            [500, 10, 60],
            [$shop->problem->weights->late, $shop->problem->weights->immovable, $shop->problem->weights->frozenMinutes],
        );
        $told = json_decode(
            PlannedFile::write(
                Improver::improve($shop->problem, new Budget(1), keys: $shop->keys), $shop, new Objective, 1,
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

    /** @return iterable<string, array{string, string, string}> */
    public static function settledWrong(): iterable
    {
        yield 'an absence over midnight' => [
            '2026-03-18T10:00", "because": "an errand',
            '2026-03-19T10:00", "because": "an errand',
            'Line 7 can\'t be read: people.0.away.0.to: a part of a day ends on the same day',
        ];
        yield 'an absence backwards' => [
            '2026-03-18T09:00', '2026-03-18T11:00',
            'Line 7 can\'t be read: people.0.away.0.to: it ends after it begins',
        ];
        yield 'down for no time' => ['"to": "2026-03-18T11:00"', '"to": "2026-03-18T10:00"', 'Line 9'];
        yield 'a speed of nothing' => [
            '"wood": 200',
            '"wood": 5',
            'Line 5 can\'t be read: people.0.speeds.wood: “wood” is a whole number from 25 to 400',
        ];
        yield 'pinned to a ghost' => [
            '"pin": {"person": "one"',
            '"pin": {"person": "ghost"',
            'Line 14 can\'t be read: builds.0.operations.2.pin.person: there is nobody “ghost”',
        ];
        yield 'told at no time' => ['"start": "2026-03-18T08:30"', '"start": "soon"', 'Line 15'];
        yield 'a weight in words' => ['"late": 500', '"late": "much"', 'Line 3'];
    }

    #[DataProvider('settledWrong')]
    public function test_a_mistake_in_what_is_settled_is_refused_with_its_line(
        string $right,
        string $wrong,
        string $said,
    ): void {
        self::assertStringContainsString($right, self::SETTLED);
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($said);
        WorkshopFile::read(str_replace($right, $wrong, self::SETTLED));
    }

    public function test_the_schema_that_ships_takes_it_and_refuses_what_the_reader_refuses(): void
    {
        $validator = new Validator;
        $schema = (string) file_get_contents(dirname(__DIR__, 3).'/docs/workshop.schema.json');
        self::assertTrue($validator->validate(json_decode(self::SHOP), $schema)->isValid());
        foreach ([
            '"labour": 60' => '"labour": -1', '"kind": "immovable"' => '"kind": "perhaps"', '"2026-03-31"' => '"soon"',
        ] as $right => $wrong) {
            self::assertFalse(
                $validator->validate(json_decode(str_replace($right, $wrong, self::SHOP)), $schema)->isValid(),
                $wrong,
            );
        }
    }

    /**
     * Files changed at random: nothing that the schema forbids is taken, and whatever is taken can be planned and told.
     */
    public function test_nothing_that_the_schema_forbids_is_taken(): void
    {
        mt_srand(29);
        $validator = new Validator;
        $schema = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/docs/workshop.schema.json'));
        $taken = $refused = 0;
        for ($round = 0; $round < 1_500; $round++) {
            $file = json_decode($round % 2 === 0 ? self::SHOP : self::SETTLED);
            for ($changes = mt_rand(1, 2); $changes > 0; $changes--) {
                self::spoil($file);
            }
            $text = json_encode($file, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION);
            try {
                $shop = WorkshopFile::read($text);
            } catch (UnreadableFile $wrong) {
                self::assertMatchesRegularExpression('/^Line \d+ can\'t be read: .{15,}\.$/su', $wrong->getMessage());
                $refused++;

                continue;
            }
            self::assertTrue($validator->validate(json_decode($text), $schema)->isValid(), $text);
            self::assertJson(
                PlannedFile::write(
                    Improver::improve($shop->problem, new Budget(0), keys: $shop->keys), $shop, new Objective, 1,
                ),
            );
            $taken++;
        }
        self::assertGreaterThan(50, $taken);
        self::assertGreaterThan(400, $refused);
    }

    /** Somewhere in it something is left out, put in, or something else. */
    private static function spoil(mixed &$value): void
    {
        if (mt_rand(0, 7) > 0 && (is_array($value) || is_object($value)) && (array) $value !== []) {
            $key = array_rand((array) $value);
            is_array($value) ? self::spoil($value[$key]) : self::spoil($value->{$key});

            return;
        }
        $others = [
            null, 0, 7, -1, 2.5, 5.0, true, '', 'a', '12', '2026-03-18', '2026-02-30', '2026-03-18T25:00',
            ' 2026-03-18', "2026-03-18\n", [], ['a'], [[]], new \stdClass, (object) ['id' => 'A1'], (object) ['x' => 1],
            10 ** 9, 'saw', 'clamps', 'one',
        ];
        if (is_object($value) && mt_rand(0, 1) === 0) {
            $keys = [
                'id', 'name', 'labour', 'x', '', '0', 'capacity', 'after', 'pin', 'told', 'done', 'because', 'sunday',
                'earliest', 'order', 'needs', 'station', 'person',
            ];
            $value->{$keys[array_rand($keys)]} = $others[array_rand($others)];

            return;
        }
        if (is_object($value) && (array) $value !== [] && mt_rand(0, 1) === 0) {
            unset($value->{array_rand((array) $value)});

            return;
        }
        $value = $others[array_rand($others)];
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
     * @return iterable<string, array{string, string, string}> what stands there, what is written instead, what is
     *   said
     */
    public static function mistakes(): iterable
    {
        yield 'another format' => ['regimen-workshop/1', 'a-shop/2', 'Line 2 can\'t be read: format: a workshop says'];
        yield 'no zone' => [
            'Europe/Berlin', 'Atlantis/Main', 'Line 2 can\'t be read: timezone: “Atlantis/Main” is no time zone',
        ];
        yield 'no time' => ['2026-03-27T13:00', 'noon', 'Line 2 can\'t be read: now: “noon” is no time'];
        yield 'hours backwards' => ['"monday": "8-12, 12:30-17"', '"monday": "12-8"', 'Line 5 can\'t be read'];
        yield 'negative labour' => [
            '"labour": 90',
            '"labour": -90',
            'Line 13 can\'t be read: builds.0.operations.1.labour: “labour” is a whole number from 0 to 10000000',
        ];
        yield 'labour in words' => ['"labour": 90', '"labour": "long"', 'Line 13'];
        yield 'no labour' => ['"labour": 120, ', '', 'Line 14'];
        yield 'a promise on no day' => [
            '"date": "2026-03-31"', '"date": "soon"', 'Line 11 can\'t be read: builds.0.promise.date: “soon” is no day',
        ];
        yield 'an unknown kind of promise' => [
            '"immovable"',
            '"perhaps"',
            'Line 11 can\'t be read: builds.0.promise.kind: a promise is immovable, promised or wished',
        ];
        yield 'nobody of that name' => [
            '"person": "one"',
            '"person": "ghost"',
            'Line 17 can\'t be read: builds.1.operations.0.person: there is nobody “ghost”',
        ];
        yield 'twice the same operation' => [
            '"id": "A3"',
            '"id": "A2"',
            'Line 14 can\'t be read: builds.0.operations.2.id: there are two operations of that id',
        ];
        yield 'twice the same build' => [
            '"id": "B",', '"id": "A",', 'Line 16 can\'t be read: builds.1.id: there are two builds of that id',
        ];
        yield 'a circle' => [
            '"after": [{"id": "A1"}]',
            '"after": [{"id": "A3"}]',
            'Line 13 can\'t be read: builds.0.operations.1.after: these wait for each other: A2, A3',
        ];
        yield 'a flag in words' => ['"oneSitting": true', '"oneSitting": "yes"', '“oneSitting” is true or false'];
        yield 'a list that is none' => [
            '"pieces": ["body"], "done"', '"pieces": "body", "done"', '“pieces” is a list of texts',
        ];
        yield 'no JSON' => ['"builds": [', '"builds": [[', 'Line'];
    }

    #[DataProvider('mistakes')]
    public function test_a_mistake_is_refused_with_its_line(string $right, string $wrong, string $said): void
    {
        self::assertStringContainsString($right, self::SHOP);
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($said);
        WorkshopFile::read(str_replace($right, $wrong, self::SHOP));
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
