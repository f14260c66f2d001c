<?php

declare(strict_types=1);

namespace Regimen\Formats\Json;

use Regimen\Formats\TextFile;
use Regimen\Units\UnreadableFile;

/** JSON (RFC 8259) that remembers on which line each value stands. */
final class JsonText
{
    private const DEEPEST = 12;

    private const LARGEST_BYTES = 20_000_000;

    /** @var array<string, int> line by path, `client.layers.0.timber` */
    private array $lines = [];

    /** @var array<string, true> paths at which a list stands rather than an object */
    private array $lists = [];

    private int $line = 1;

    /** Up to where lines have been counted: the text is gone through once. */
    private int $counted = 0;

    private int $at = 0;

    private function __construct(private readonly string $text)
    {
    }

    /**
     * @return array{mixed, array<string, int>, array<string, true>} the value, the line of each path, and at which
     *   paths a list stands
     *
     * @throws UnreadableFile naming line and column of what is no JSON
     */
    public static function read(string $text): array
    {
        $text = TextFile::decoded($text, self::LARGEST_BYTES, 'such a file', isUnicode: true);
        $json = new self($text);
        $value = $json->value('', 0);
        $json->space();
        if ($json->at < strlen($text)) {
            throw $json->wrong('something follows the end');
        }

        return [$value, $json->lines, $json->lists];
    }

    private function value(string $path, int $depth): mixed
    {
        $this->space();
        if ($depth > self::DEEPEST) {
            throw $this->wrong('it is nested too deeply');
        }
        $this->lines[$path] = $this->line();

        return match ($this->text[$this->at] ?? '') {
            '{' => $this->members($path, $depth),
            '[' => $this->items($path, $depth),
            '"' => $this->string(),
            default => $this->literal(),
        };
    }

    /** @return array<string, mixed> */
    private function members(string $path, int $depth): array
    {
        $members = [];
        $this->at++;
        $this->space();
        while (($this->text[$this->at] ?? '') !== '}') {
            if ($members !== []) {
                $this->expect(',');
            }
            $this->space();
            $line = $this->line();
            $key = $this->string();
            if (array_key_exists($key, $members)) {
                throw UnreadableFile::at($line, "“{$key}” stands here a second time");
            }
            $this->expect(':');
            $members[$key] = $this->value($path === '' ? $key : "{$path}.{$key}", $depth + 1);
            $this->space();
        }
        $this->at++;

        return $members;
    }

    /** @return list<mixed> */
    private function items(string $path, int $depth): array
    {
        $items = [];
        $this->lists[$path] = true;
        $this->at++;
        $this->space();
        while (($this->text[$this->at] ?? '') !== ']') {
            if ($items !== []) {
                $this->expect(',');
            }
            $items[] = $this->value($path.'.'.count($items), $depth + 1);
            $this->space();
        }
        $this->at++;

        return $items;
    }

    private function string(): string
    {
        if (preg_match(
            '/\G"(?:[^"\\\\\x00-\x1f]|\\\\["\\\\\/bfnrt]|\\\\u[0-9a-fA-F]{4})*+"/', $this->text, $found, 0, $this->at,
        ) !== 1) {
            throw $this->wrong('a text in quotation marks is expected');
        }
        $decoded = json_decode($found[0]);
        if (! is_string($decoded)) {
            throw $this->wrong('the text has a character that does not exist');
        }
        $this->at += strlen($found[0]);

        return $decoded;
    }

    private function literal(): mixed
    {
        if (preg_match(
            '/\G(?:true|false|null|-?(?:0|[1-9]\d*)(?:\.\d+)?(?:[eE][+-]?\d+)?)(?![\w.+-])/',
            $this->text,
            $found,
            0,
            $this->at,
        ) !== 1) {
            throw $this->wrong('a value is expected');
        }
        $this->at += strlen($found[0]);

        return json_decode($found[0]);
    }

    private function expect(string $mark): void
    {
        $this->space();
        if (($this->text[$this->at] ?? '') !== $mark) {
            throw $this->wrong("“{$mark}” is expected");
        }
        $this->at++;
    }

    private function space(): void
    {
        $this->at += strspn($this->text, " \t\r\n", $this->at);
    }

    private function line(): int
    {
        $to = min($this->at, strlen($this->text));
        if ($to > $this->counted) {
            $this->line += substr_count($this->text, "\n", $this->counted, $to - $this->counted);
            $this->counted = $to;
        }

        return $this->line;
    }

    private function wrong(string $sentence): UnreadableFile
    {
        $before = substr($this->text, 0, $this->at);
        $column = mb_strlen($before) - (int) mb_strrpos("\n".$before, "\n") + 1;

        return UnreadableFile::at($this->line(), "column {$column}: {$sentence}");
    }
}
