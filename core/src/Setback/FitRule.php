<?php

declare(strict_types=1);

namespace Regimen\Setback;

/** One property that a piece brings along: how near it must come to what the instrument needs, and from when on it is in the piece. */
final readonly class FitRule
{
    public const SAME = 'same';

    public const NEAR = 'near';

    public const LEAST = 'least';

    public const SEEN = 'seen';

    /**
     * @param  string  $field  of the specification
     * @param  string  $kind  one of the above: it must be the same, near enough, at least as much, or the client sees it
     * @param  string  $tolerance  of the house, for what must be near; in mm
     * @param  list<string>  $madeBy  operations with which it comes into the piece; nothing for what is in the timber
     * @param  string  $otherwise  what can be done where there is more of it than needed
     */
    private function __construct(public string $field, public string $kind, public string $tolerance, public array $madeBy, public string $otherwise)
    {
    }

    public static function same(string $field, string ...$madeBy): self
    {
        return new self($field, self::SAME, '', array_values($madeBy), '');
    }

    public static function near(string $field, string $tolerance, string ...$madeBy): self
    {
        return new self($field, self::NEAR, $tolerance, array_values($madeBy), '');
    }

    /** What there is too much of is taken off. */
    public static function least(string $field, string $tolerance, string $otherwise, string ...$madeBy): self
    {
        return new self($field, self::LEAST, $tolerance, array_values($madeBy), $otherwise);
    }

    public static function seen(string $field, string ...$madeBy): self
    {
        return new self($field, self::SEEN, '', array_values($madeBy), '');
    }
}
