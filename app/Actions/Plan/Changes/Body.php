<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

/** What a change was described by, as it was validated. */
final readonly class Body
{
    /** @param  array<string, mixed>  $values */
    public function __construct(private array $values)
    {
    }

    public function has(string $key): bool
    {
        return array_key_exists($key, $this->values);
    }

    public function text(string $key): string
    {
        $value = $this->values[$key] ?? '';

        return is_scalar($value) ? trim((string) $value) : '';
    }

    public function whole(string $key): int
    {
        return (int) $this->text($key);
    }

    public function maybeWhole(string $key): ?int
    {
        return $this->text($key) === '' ? null : $this->whole($key);
    }

    public function maybe(string $key): ?string
    {
        return $this->text($key) === '' ? null : $this->text($key);
    }

    /** @return list<int> */
    public function numbers(string $key): array
    {
        return array_map(intval(...), array_values($this->list($key)));
    }

    /** @return array<string, string> */
    public function texts(string $key): array
    {
        $texts = [];
        foreach ($this->list($key) as $name => $text) {
            $texts[(string) $name] = is_scalar($text) ? (string) $text : '';
        }

        return $texts;
    }

    /** @return array<int, int> */
    public function wholes(string $key): array
    {
        $wholes = [];
        foreach ($this->list($key) as $name => $whole) {
            $wholes[(int) $name] = (int) $whole;
        }

        return $wholes;
    }

    /** @return array<mixed> */
    public function list(string $key): array
    {
        return (array) ($this->values[$key] ?? []);
    }
}
