<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** The identity of an activity: that of an operation on record, or of a step of a build that is only thought of. */
final readonly class ActivityId
{
    private function __construct(public string $text)
    {
    }

    public static function operation(int $id): self
    {
        return new self("o{$id}");
    }

    /** @param  string  $step  its key on the route */
    public static function draft(string $step): self
    {
        return new self("d{$step}");
    }

    /** The operation on record that an activity stands for; null for a step that is only thought of. */
    public static function operationOf(string $text): ?int
    {
        return preg_match('/^o([1-9]\d*)$/', $text, $found) === 1 ? (int) $found[1] : null;
    }
}
