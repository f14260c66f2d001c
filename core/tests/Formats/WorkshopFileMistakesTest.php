<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Formats\Workshop\PlannedFile;
use Regimen\Formats\Workshop\WorkshopFile;
use Regimen\Schedule\Plan\Objective;
use Regimen\Schedule\Search\Improver;
use Regimen\Schedule\Solver\Budget;
use Regimen\Units\UnreadableFile;

/** A workshop as a file: read whole or refused with its line, planned, and told with its reasons. */
final class WorkshopFileMistakesTest extends TestCase
{
    use WrittenShop;

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
                    Improver::improve($shop->problem, new Budget(0), keys: $shop->inForce?->keys), $shop, new Objective, 1,
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
}
