<?php

declare(strict_types=1);

namespace Regimen\Formats\Workshop;

/**
 * Ids of a workshop file inside the planner: with their kind before them, so that an id of digits only stays a text.
 */
final class WorkshopIds
{
    public static function operation(string $id): string
    {
        return "o:{$id}";
    }

    public static function build(string $id): string
    {
        return "b:{$id}";
    }

    public static function resource(string $id): string
    {
        return "r:{$id}";
    }

    /** As the file says it. */
    public static function inFile(int|string $id): string
    {
        return substr((string) $id, 2);
    }
}
