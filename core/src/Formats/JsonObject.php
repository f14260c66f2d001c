<?php

declare(strict_types=1);

namespace Regimen\Formats;

/** An object of a JSON text that is asked for its parts and says on which line something is wrong. */
final readonly class JsonObject
{
    /** @var array<mixed> */
    private array $value;

    /** @param  array<string, int>  $lines  by path */
    public function __construct(mixed $value, private string $path, private array $lines)
    {
        $this->value = is_array($value) ? $value : throw UnreadableFile::at($lines[rtrim($path, '.')] ?? 1, 'an object with names and values stands here');
    }

    public function wrong(string $key, string $right): UnreadableFile
    {
        return UnreadableFile::at($this->lines[$this->path.$key] ?? $this->lines[rtrim($this->path, '.')] ?? 1, $right);
    }

    public function text(string $key): string
    {
        return $this->maybe($key) ?? throw $this->wrong($key, "“{$key}” is missing; it is a text");
    }

    public function maybe(string $key): ?string
    {
        $value = $this->value[$key] ?? null;
        if ($value !== null && (! is_string($value) || $value === '')) {
            throw $this->wrong($key, "“{$key}” is a text");
        }

        return $value;
    }

    public function flag(string $key): bool
    {
        $value = $this->value[$key] ?? false;

        return is_bool($value) ? $value : throw $this->wrong($key, "“{$key}” is true or false");
    }

    /** @param  int|null  $default  where it may be left out */
    public function whole(string $key, int $least, ?int $default = null): int
    {
        $value = $this->value[$key] ?? $default;

        return is_int($value) && $value >= $least && $value <= 10_000_000 ? $value : throw $this->wrong($key, "“{$key}” is a whole number from {$least} on");
    }

    public function object(string $key): self
    {
        return $this->maybeObject($key) ?? throw $this->wrong($key, "“{$key}” is missing; it is an object");
    }

    public function maybeObject(string $key): ?self
    {
        return isset($this->value[$key]) ? new self($this->value[$key], "{$this->path}{$key}.", $this->lines) : null;
    }

    /** @return list<self> */
    public function objects(string $key): array
    {
        $value = $this->value[$key] ?? [];
        if (! is_array($value) || ! array_is_list($value)) {
            throw $this->wrong($key, "“{$key}” is a list");
        }

        return array_map(fn (mixed $one, int $index): self => new self($one, "{$this->path}{$key}.{$index}.", $this->lines), $value, array_keys($value));
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $value = $this->value[$key] ?? [];
        if (! is_array($value) || ! array_is_list($value) || array_filter($value, is_string(...)) !== $value) {
            throw $this->wrong($key, "“{$key}” is a list of texts");
        }

        return $value;
    }
}
