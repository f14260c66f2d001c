<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** The identity of a piece of a build as a resource: it is in one place at a time. */
final readonly class PieceId
{
    private function __construct(public string $text)
    {
    }

    /** @param  string  $build  its identity in the problem */
    public static function of(int|string $build, string $piece): self
    {
        return new self("piece:{$build}:{$piece}");
    }

    /** The piece that a resource is; null for a station or a fixture. */
    public static function pieceOf(string $resource): ?string
    {
        return str_starts_with($resource, 'piece:') ? substr((string) strrchr($resource, ':'), 1) : null;
    }
}
