<?php

declare(strict_types=1);

namespace Regimen\Setback;

/** Whether a piece fits an instrument, property by property. */
final readonly class Fitting
{
    /** @param  list<FitLine>  $lines  those that differ */
    public function __construct(public array $lines)
    {
    }

    public function fits(): bool
    {
        return $this->cannot() === [];
    }

    /** @return list<string> why it cannot be used */
    public function cannot(): array
    {
        return self::said(array_filter($this->lines, static fn (FitLine $line): bool => ! $line->fits));
    }

    /** @return list<string> what is otherwise than was agreed, though it fits */
    public function differs(): array
    {
        return self::said(array_filter($this->lines, static fn (FitLine $line): bool => $line->fits));
    }

    /**
     * @param  array<FitLine>  $lines
     * @return list<string>
     */
    private static function said(array $lines): array
    {
        return array_values(array_map(
            static fn (FitLine $line): string => "{$line->what}: {$line->there}, {$line->here} needed".($line->then === '' ? '' : ' ('.$line->then.')'), $lines,
        ));
    }
}
