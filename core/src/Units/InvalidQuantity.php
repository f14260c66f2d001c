<?php

declare(strict_types=1);

namespace Regimen\Units;

/** What somebody typed is not a quantity of the kind that was asked for. The message says what would be right. */
final class InvalidQuantity extends \InvalidArgumentException
{
    /** @param  list<string>  $proposals  what would have been accepted */
    public function __construct(
        string $message,
        public readonly array $proposals = [],
        public readonly Refusal $why = Refusal::Other,
        private readonly string $hint = '',
    ) {
        parent::__construct($message);
    }

    public static function empty(string ...$examples): self
    {
        return new self(
            'Nothing was typed. Write for example '.self::listed($examples).'.', array_values($examples),
            Refusal::Empty,
        );
    }

    public static function unreadable(string $typed, string ...$examples): self
    {
        return new self(
            "“{$typed}” can't be read. Write for example ".self::listed($examples).'.',
            array_values($examples),
            Refusal::Unreadable,
        );
    }

    /** The same with a word on how it is written. */
    public function explained(string $hint): self
    {
        return $hint === '' ? $this : new self(
            rtrim($this->getMessage(), '.').", {$hint}.", $this->proposals, $this->why, $hint,
        );
    }

    /** The same refusal with other examples, where the reader did not know the bounds of what it reads for. */
    public function proposing(string $typed, string ...$examples): self
    {
        return (
            $this->why === Refusal::Empty ? self::empty(...$examples) : self::unreadable($typed, ...$examples)
        )->explained($this->hint);
    }

    /** @param  array<string>  $examples */
    private static function listed(array $examples): string
    {
        $last = (string) array_pop($examples);

        return $examples === [] ? $last : implode(', ', $examples)." or {$last}";
    }

    public static function notText(): self
    {
        return new self('What was typed is not readable text. Type it again with the keyboard.');
    }

    public static function noDigit(string $character, string $typed): self
    {
        return new self("“{$typed}”: “{$character}” is no digit of a number. Write 0 to 9.");
    }

    public static function negative(string $typed): self
    {
        return new self("“{$typed}” is below zero; it has to be zero or more.", ['0'], Refusal::Negative);
    }

    public static function anotherCurrency(string $typed, string $currency): self
    {
        return new self("“{$typed}” is in another currency. The shop reckons in {$currency}: write what it comes to in that.");
    }

    public static function below(string $typed, string $least, string $most): self
    {
        return new self("“{$typed}” is below zero; from {$least} to {$most} is right.", [$least, $most]);
    }

    public static function zeroDenominator(string $typed): self
    {
        return new self("“{$typed}” divides by zero; write a fraction such as 3/4.");
    }

    public static function tooLarge(string $typed): self
    {
        return new self("“{$typed}” is larger than anything in a workshop. Check the unit.", [], Refusal::TooLarge);
    }

    /** @param  string|null  $meant  what was perhaps meant */
    public static function outside(string $typed, string $least, string $most, ?string $meant = null): self
    {
        $question = $meant === null ? '' : " Did you mean {$meant}?";

        return new self(
            "“{$typed}” is outside what can be built; from {$least} to {$most} is right.{$question}",
            $meant === null ? [$least, $most] : [$least, $most, $meant],
        );
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
