<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** The identity of a build in a problem: one on record, or the one that is only thought of. */
final readonly class BuildId
{
    private function __construct(public string $text)
    {
    }

    public static function of(int $id): self
    {
        return new self("b{$id}");
    }

    public static function draft(): self
    {
        return new self('draft');
    }

    /** The build on record; null for the one that is only thought of. */
    public static function recordOf(string $text): ?int
    {
        return preg_match('/^b([1-9]\d*)$/', $text, $found) === 1 ? (int) $found[1] : null;
    }
}
