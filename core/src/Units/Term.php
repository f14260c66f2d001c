<?php

declare(strict_types=1);

namespace Regimen\Units;

/**
 * A value that tells how it was worked out: number and sentence come from one expression. It computes with what it was
 * given and shows it rounded; nothing is shown until it is asked for.
 */
final readonly class Term
{
    private const SUM = 1;

    private const PRODUCT = 2;

    private const ATOM = 3;

    /** @param  \Closure(): string  $words */
    private function __construct(public float $value, private \Closure $words, private int $binds = self::ATOM)
    {
    }

    /**
     * @param  int  $decimals  that are shown
     * @param  string  $called  what it is, before its figure
     * @param  string  $unit  directly behind it, with a space of its own if it wants one
     */
    public static function of(Length|float|int $value, int $decimals = 1, string $called = '', string $unit = ''): self
    {
        $amount = $value instanceof Length ? $value->mm : (float) $value;

        return new self($amount, static fn (): string => ltrim("{$called} ").Words::number($amount, $decimals).$unit);
    }

    /** A value put into words of its own. */
    public static function worded(float $value, string $words): self
    {
        return new self($value, static fn (): string => $words);
    }

    public static function sin(float $degrees, int $decimals = 1): self
    {
        return self::worded(sin(deg2rad($degrees)), 'sin '.Words::number($degrees, $decimals).'°');
    }

    public static function cos(float $degrees, int $decimals = 1): self
    {
        return self::worded(cos(deg2rad($degrees)), 'cos '.Words::number($degrees, $decimals).'°');
    }

    public static function tan(float $degrees, int $decimals = 1): self
    {
        return self::worded(tan(deg2rad($degrees)), 'tan '.Words::number($degrees, $decimals).'°');
    }

    /** The angle in degrees whose tangent this is. */
    public function atan(): self
    {
        return new self(rad2deg(atan($this->value)), fn (): string => "atan({$this->words()})");
    }

    public static function midway(self $one, self $other): self
    {
        return new self(
            ($one->value + $other->value) / 2,
            static fn (): string => "midway between {$one->words()} and {$other->words()}",
        );
    }

    public function plus(self $other): self
    {
        return new self(
            $this->value + $other->value, fn (): string => "{$this->words()} + {$other->words()}", self::SUM,
        );
    }

    public function minus(self $other): self
    {
        $words = fn (): string => "{$this->words()} − {$other->within(self::PRODUCT)}";

        return new self($this->value - $other->value, $words, self::SUM);
    }

    /** @param  string  $sign  as the formula is written: a dot or a cross */
    public function times(self $other, string $sign = '·'): self
    {
        $words = fn (): string => "{$this->within(self::PRODUCT)} {$sign} {$other->within(self::PRODUCT)}";

        return new self($this->value * $other->value, $words, self::PRODUCT);
    }

    public function over(self $other): self
    {
        $words = fn (): string => "{$this->within(self::PRODUCT)} / {$other->within(self::ATOM)}";

        return new self($this->value / $other->value, $words, self::PRODUCT);
    }

    public function squared(): self
    {
        return new self($this->value ** 2, fn (): string => "{$this->within(self::ATOM)}²");
    }

    /** In another unit, in the same words. */
    public function scaled(float $factor): self
    {
        return new self($this->value * $factor, $this->words, $this->binds);
    }

    /** With words behind it that do not change its value. */
    public function note(string $words): self
    {
        return $words === '' ? $this : new self($this->value, fn (): string => $this->words().$words, $this->binds);
    }

    public function words(): string
    {
        return ($this->words)();
    }

    private function within(int $binding): string
    {
        return $this->binds < $binding ? "({$this->words()})" : $this->words();
    }
}
