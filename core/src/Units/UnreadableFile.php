<?php

declare(strict_types=1);

namespace Regimen\Units;

/** A file that cannot be taken: where, and what would be right. */
final class UnreadableFile extends \InvalidArgumentException
{
    public static function at(int $line, string $right): self
    {
        return new self("Line {$line} can't be read: {$right}.");
    }

    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    /** @param  array<int, string>  $refused  what is wrong, by line */
    public static function lines(array $refused): self
    {
        return new self(
            implode(
                "\n",
                array_map(
                    static fn (int $line, string $what): string => "Line {$line}: {$what}.",
                    array_keys($refused),
                    $refused,
                ),
            ),
        );
    }
}
