<?php

declare(strict_types=1);

namespace Regimen\Formats\Json;

use Regimen\Units\UnreadableFile;

/**
 * An object of a JSON text that is asked for its parts; what is wrong is said with its line and its place in the file.
 */
final readonly class JsonObject
{
    private const LARGEST = 10_000_000;

    /** @var array<mixed> */
    private array $value;

    /**
     * @param  array<string, int>  $lines  by path
     * @param  array<string, true>  $lists  paths at which a list stands
     *
     * @throws UnreadableFile if no object stands there
     */
    public function __construct(mixed $value, private string $path, private array $lines, private array $lists = [])
    {
        $at = rtrim($path, '.');
        $this->value = is_array($value) && ! isset($lists[$at])
            ? $value
            : throw UnreadableFile::at(
                $lines[$at] ?? 1,
                ($at === '' ? '' : "{$at}: ").'an object with names and values stands here',
            );
    }

    /**
     * Nothing else may stand here, and nothing may be null: what is not known is left out.
     *
     * @throws UnreadableFile naming the first that may not
     */
    public function only(string ...$keys): self
    {
        foreach ($this->value as $key => $value) {
            if (! in_array((string) $key, $keys, true)) {
                throw $this->wrong((string) $key, "there is no “{$key}” here, only ".implode(', ', $keys));
            }
            if ($value === null) {
                throw $this->wrong((string) $key, 'nothing stands here; what is not known is left out');
            }
        }

        return $this;
    }

    public function wrong(string $key, string $right): UnreadableFile
    {
        return UnreadableFile::at(
            $this->lines[$this->path.$key] ?? $this->lines[rtrim($this->path, '.')] ?? 1,
            "{$this->path}{$key}: {$right}",
        );
    }

    public function has(string $key): bool
    {
        return isset($this->value[$key]);
    }

    /** @return list<string> what stands here */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->value));
    }

    public function text(string $key): string
    {
        return $this->maybe($key) ?? throw $this->wrong($key, "“{$key}” is missing; it is a text");
    }

    public function maybe(string $key): ?string
    {
        $value = $this->words($key);

        return $value === '' ? throw $this->wrong($key, "“{$key}” is a text that says something") : $value;
    }

    /** A text that may be empty. */
    public function words(string $key): ?string
    {
        $value = $this->value[$key] ?? null;

        return $value === null || is_string($value) ? $value : throw $this->wrong($key, "“{$key}” is a text");
    }

    public function flag(string $key): bool
    {
        $value = $this->value[$key] ?? false;

        return is_bool($value) ? $value : throw $this->wrong($key, "“{$key}” is true or false");
    }

    /** @param  int|null  $default  where it may be left out */
    public function whole(string $key, int $least, ?int $default = null, int $most = self::LARGEST): int
    {
        $value = $this->value[$key] ?? $default;
        // 5.0 is a whole number too.
        $value = is_float($value) && floor($value) === $value && abs($value) <= self::LARGEST ? (int) $value : $value;

        return is_int($value) && $value >= $least && $value <= $most
            ? $value
            : throw $this->wrong($key, "“{$key}” is a whole number from {$least} to {$most}");
    }

    public function object(string $key): self
    {
        return $this->maybeObject($key) ?? throw $this->wrong($key, "“{$key}” is missing; it is an object");
    }

    public function maybeObject(string $key): ?self
    {
        return isset($this->value[$key])
            ? new self($this->value[$key], "{$this->path}{$key}.", $this->lines, $this->lists)
            : null;
    }

    /** @return list<self> */
    public function objects(string $key): array
    {
        $value = $this->items($key, 'a list');

        return array_map(
            fn (mixed $one, int $index): self => new self(
                $one, "{$this->path}{$key}.{$index}.", $this->lines, $this->lists,
            ),
            $value,
            array_keys($value),
        );
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $texts = [];
        foreach ($this->items($key, 'a list of texts') as $index => $one) {
            $texts[] = is_string($one) ? $one : throw $this->wrong("{$key}.{$index}", "“{$key}” is a list of texts");
        }

        return $texts;
    }

    /** @return list<mixed> */
    private function items(string $key, string $what): array
    {
        $value = $this->value[$key] ?? [];
        $isList = is_array($value) && array_is_list($value) && (
            $value !== [] || ! isset($this->value[$key]) || isset($this->lists[$this->path.$key])
        );

        return $isList ? $value : throw $this->wrong($key, "“{$key}” is {$what}");
    }
}
