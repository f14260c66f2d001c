<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Parts\PartGroup;
use Regimen\Route\Entry\RouteKey;
use Regimen\Route\Entry\TradeOperation;

/**
 * The key of one step on a route: an operation's own, or that of a step which is done once for each of several things.
 */
final readonly class StepKey
{
    private function __construct(public string $text)
    {
    }

    public static function of(RouteKey|self $key): self
    {
        return $key instanceof self ? $key : new self((string) $key->value);
    }

    /** An operation that is done for one part or one blank at a time. */
    public static function forPart(TradeOperation $operation, PartGroup $part): self
    {
        $word = in_array($part, PartGroup::timber(), true) ? strtok($part->value, '-') : $part->value;

        return new self("{$operation->value}.{$word}");
    }

    /** The operation that a step which is done part by part belongs to, as text; null where it is not done so. */
    public static function whole(string $key): ?string
    {
        return preg_match('/^([a-z-]+\.[a-z-]+)\.[a-z-]+$/', $key, $found) === 1 ? $found[1] : null;
    }

    /**
     * What is done over after an operation, and ends with the same readings.
     *
     * @param  int  $number  from 1, on each build
     */
    public static function rework(string $operation, int $number): string
    {
        return "rework.{$number}.".(self::reworked($operation) ?? $operation);
    }

    /** The operation whose work is done over in a step, as text; null for any other step. */
    public static function reworked(string $key): ?string
    {
        return preg_match('/^rework\.\d+\.(.+)$/', $key, $found) === 1 ? $found[1] : null;
    }

    /** One of several coats, from 1, on a surface. */
    public static function coat(Surface $surface, int $number): self
    {
        return new self("{$surface->value}.coat-{$number}");
    }
}
