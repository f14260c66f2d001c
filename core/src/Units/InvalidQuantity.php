<?php

declare(strict_types=1);

namespace Regimen\Units;

/** What somebody typed is not a quantity of the kind that was asked for. The message says what would be right. */
final class InvalidQuantity extends \InvalidArgumentException
{
    public static function empty(string $example): self
    {
        return new self("Nothing was typed. Write for example {$example}.");
    }

    public static function unreadable(string $typed, string $example): self
    {
        return new self("“{$typed}” can't be read. Write for example {$example}.");
    }

    public static function negative(string $typed): self
    {
        return new self("“{$typed}” is below zero; it has to be zero or more.");
    }

    public static function zeroDenominator(string $typed): self
    {
        return new self("“{$typed}” divides by zero; write a fraction such as 3/4.");
    }

    public static function tooLarge(string $typed): self
    {
        return new self("“{$typed}” is larger than anything in a workshop. Check the unit.");
    }

    public static function outside(string $typed, string $least, string $most): self
    {
        return new self("“{$typed}” is outside what can be built; from {$least} to {$most} is right.");
    }

    public static function tooFine(string $typed, int $digits): self
    {
        return new self("“{$typed}” has more than {$digits} digits behind the decimal mark.");
    }

    public static function currencies(string $one, string $other): self
    {
        return new self("Amounts in {$one} and {$other} can't be added.");
    }

    public static function notACurrency(string $code): self
    {
        return new self("“{$code}” is not a currency code of ISO 4217, such as EUR or USD.");
    }

    public static function nothingToSplitBy(): self
    {
        return new self('An amount can only be split by shares that are zero or more and not all zero.');
    }
}
