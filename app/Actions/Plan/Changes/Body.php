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

    /** @return array<mixed> */
    public function list(string $key): array
    {
        return (array) ($this->values[$key] ?? []);
    }
}
