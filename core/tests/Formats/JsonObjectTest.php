<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Regimen\Formats\Json\JsonObject;
use Regimen\Formats\Json\JsonText;
use Regimen\Units\UnreadableFile;

/** Parts of a JSON text are asked for by what they are, and what is wrong has its line. */
final class JsonObjectTest extends TestCase
{
    private const TEXT = <<<'JSON'
        {
          "name": "one",
          "count": 4,
          "is": true,
          "inner": {"deep": [
            {"id": "a"},
            {"id": 7}
          ]},
          "words": ["x", "y"],
          "nothing": null
        }
        JSON;

    public function test_what_is_there_is_given(): void
    {
        $object = self::object();
        self::assertSame(
            ['one', 4, true, ['x', 'y']],
            [$object->text('name'), $object->whole('count', 0), $object->flag('is'), $object->texts('words')],
        );
        self::assertSame(
            [null, null, false, [], [], 9],
            [
                $object->maybe('nothing'), $object->maybeObject('absent'), $object->flag('absent'),
                $object->texts('absent'), $object->objects('absent'), $object->whole('absent', 0, 9),
            ],
        );
        self::assertSame('a', $object->object('inner')->objects('deep')[0]->text('id'));
    }

    #[TestWith(['text', 'count', 'Line 3 can\'t be read: count: “count” is a text.'])]
    #[TestWith(['text', 'absent', 'Line 1 can\'t be read: absent: “absent” is missing; it is a text.'])]
    #[TestWith(['whole', 'name', 'Line 2 can\'t be read: name: “name” is a whole number from 5 to 10000000.'])]
    #[TestWith(['whole', 'count', 'Line 3 can\'t be read: count: “count” is a whole number from 5 to 10000000.'])]
    #[TestWith(['flag', 'name', 'Line 2 can\'t be read: name: “name” is true or false.'])]
    #[TestWith(['objects', 'inner', 'Line 5 can\'t be read: inner: “inner” is a list.'])]
    #[TestWith(['texts', 'inner', 'Line 5 can\'t be read: inner: “inner” is a list of texts.'])]
    #[TestWith(['object', 'name', 'Line 2 can\'t be read: name: an object with names and values stands here.'])]
    #[TestWith(['object', 'absent', 'Line 1 can\'t be read: absent: “absent” is missing; it is an object.'])]
    public function test_what_is_something_else_is_refused_with_its_line(string $ask, string $key, string $said): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage($said);
        $ask === 'whole' ? self::object()->whole($key, 5) : self::object()->{$ask}($key);
    }

    public function test_a_mistake_deep_inside_has_its_own_line(): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage('Line 7 can\'t be read: inner.deep.1.id: “id” is a text.');
        self::object()->object('inner')->objects('deep')[1]->text('id');
    }

    private static function object(): JsonObject
    {
        return new JsonObject(...[JsonText::read(self::TEXT)[0], '', JsonText::read(self::TEXT)[1]]);
    }
}
