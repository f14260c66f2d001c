<?php

declare(strict_types=1);

namespace Regimen\Units;

/** An amount of money: a whole number of the currency's minor units with its ISO 4217 code. */
final readonly class Money
{
    private const EXAMPLES = ['1250', '1,250.50', '1.250,50'];

    private const LARGEST_MINOR = 100_000_000_000;

    /** Digits of ISO 4217 where ICU says how prices are written today instead (from memory). */
    private const AS_WRITTEN = ['AFN' => 2, 'ALL' => 2, 'IQD' => 3, 'IRR' => 2, 'KPW' => 2, 'LAK' => 2, 'LBP' => 2, 'MGA' => 2, 'MMK' => 2, 'RSD' => 2, 'SOS' => 2, 'SYP' => 2, 'YER' => 2];

    private function __construct(public int $minor, public string $currency)
    {
    }

    /** @throws InvalidQuantity if the code is not a currency's */
    public static function ofMinor(int $minor, string $currency): self
    {
        self::digits($currency);

        return new self($minor, $currency);
    }

    public static function zero(string $currency): self
    {
        return self::ofMinor(0, $currency);
    }

    /**
     * Reads an amount, zero or more: `1250`, `1,250.50`, `1.250,50`, `1 250`, `€ 1'250.5`. A mark that is followed by
     * exactly three digits groups thousands; the last mark followed by fewer is the decimal mark. Where the minor unit has
     * three digits, a last point followed by three is the decimal mark as well.
     *
     * @throws InvalidQuantity if it is empty, unreadable, negative, in another currency, too fine for its own or absurdly large
     */
    public static function parse(string $typed, string $currency): self
    {
        $digits = self::digits($currency);
        self::mustNotNameAnother($typed, $currency);
        $text = (string) preg_replace("/\p{Sc}|\b{$currency}\b|[\s'’]/ui", '', TypedText::of($typed));
        if ($text === '') {
            throw InvalidQuantity::empty(...self::EXAMPLES);
        }
        if (str_starts_with($text, '-')) {
            throw InvalidQuantity::negative(trim($typed));
        }
        if (preg_match('/^(\d{1,3}(?:[.,]\d{3})+|\d+)(?:[.,](\d{0,2}|\d{4,}))?$/', $text, $found) !== 1) {
            throw InvalidQuantity::unreadable(trim($typed), ...self::EXAMPLES);
        }
        $fraction = $found[2] ?? '';
        if ($digits === 3 && $fraction === '' && preg_match('/^([\d,]+)\.(\d{3})$/', $text, $fine) === 1) {
            [, $found[1], $fraction] = $fine;
        }
        if (strlen($fraction) > $digits) {
            throw InvalidQuantity::tooFine(trim($typed), $digits);
        }
        $whole = (string) preg_replace('/[.,]/', '', $found[1]);
        $minor = strlen($whole) > 12 ? PHP_INT_MAX : (int) ($whole.str_pad($fraction, $digits, '0'));
        if ($minor > self::LARGEST_MINOR) {
            throw InvalidQuantity::tooLarge(trim($typed));
        }

        return new self($minor, $currency);
    }

    /** `12 USD` and `$12` are no amount of euros. */
    private static function mustNotNameAnother(string $typed, string $currency): void
    {
        $symbol = (new \NumberFormatter("en@currency={$currency}", \NumberFormatter::CURRENCY))->getSymbol(\NumberFormatter::CURRENCY_SYMBOL);
        preg_match_all('/\p{Sc}|\b[a-z]{3}\b/ui', $typed, $found);
        foreach ($found[0] as $said) {
            $isOther = mb_strlen($said) === 1 ? ! str_contains($symbol, $said) : mb_strtoupper($said) !== $currency && self::isCurrency(mb_strtoupper($said));
            if ($isOther) {
                throw InvalidQuantity::anotherCurrency(trim($typed), $currency);
            }
        }
    }

    public static function isCurrency(string $code): bool
    {
        return in_array($code, array_keys(self::knownDigits()), true);
    }

    /** @throws InvalidQuantity on different currencies */
    public function plus(self $other): self
    {
        $this->sameAs($other);

        return new self($this->minor + $other->minor, $this->currency);
    }

    /** @throws InvalidQuantity on different currencies */
    public function minus(self $other): self
    {
        $this->sameAs($other);

        return new self($this->minor - $other->minor, $this->currency);
    }

    /** Rounded half away from zero to the minor unit. */
    public function times(float $factor): self
    {
        return new self((int) round($this->minor * $factor), $this->currency);
    }

    /** This amount an hour, for a time: rounded half up to the minor unit in whole numbers. */
    public function forTime(Duration $time): self
    {
        return new self(intdiv($this->minor * $time->minutes * 2 + 60, 120), $this->currency);
    }

    /**
     * Splits by shares with the largest remainder, so that the parts sum to the whole to the minor unit.
     *
     * @param  list<int|float>  $shares  zero or more, not all zero
     * @return list<self>
     *
     * @throws InvalidQuantity if there is nothing to split by
     */
    public function split(array $shares): array
    {
        $total = array_sum($shares);
        if ($shares === [] || $total <= 0 || min($shares) < 0) {
            throw InvalidQuantity::nothingToSplitBy();
        }
        $sign = $this->minor < 0 ? -1 : 1;
        $exact = array_map(fn (int|float $share): float => abs($this->minor) * $share / $total, $shares);
        $parts = array_map(static fn (float $part): int => (int) floor($part), $exact);
        $order = array_keys($exact);
        usort(
            $order,
            static fn (int $a, int $b): int => [$exact[$b] - $parts[$b], $a] <=> [$exact[$a] - $parts[$a], $b],
        );
        $left = abs($this->minor) - array_sum($parts);
        foreach (array_slice($order, 0, $left) as $index) {
            $parts[$index]++;
        }

        return array_values(array_map(fn (int $part): self => new self($sign * $part, $this->currency), $parts));
    }

    /** `1,250.50 EUR`; an amount of zero or more parses back to the same amount. */
    public function __toString(): string
    {
        return $this->plain().' '.$this->currency;
    }

    /** The figure alone, `1,250.50`. */
    public function plain(): string
    {
        $digits = self::digits($this->currency);

        return number_format($this->minor / 10 ** $digits, $digits, '.', ',');
    }

    private function sameAs(self $other): void
    {
        if ($this->currency !== $other->currency) {
            throw InvalidQuantity::currencies($this->currency, $other->currency);
        }
    }

    private static function digits(string $currency): int
    {
        return self::knownDigits()[$currency] ?? throw InvalidQuantity::notACurrency($currency);
    }

    /**
     * How many digits the minor unit has, 0 to 3.
     *
     * @throws InvalidQuantity if the code is not a currency's
     */
    public static function digitsOf(string $currency): int
    {
        return self::digits($currency);
    }

    /**
     * @return array<string, int> digits of the minor unit by currency code: what is legal tender somewhere today, from the
     *   ICU data of PHP's intl extension
     */
    private static function knownDigits(): array
    {
        static $digits = null;
        if ($digits === null) {
            $digits = [];
            foreach (self::currencyCodes() as $code) {
                $format = new \NumberFormatter("en@currency={$code}", \NumberFormatter::CURRENCY);
                $digits[$code] = self::AS_WRITTEN[$code] ?? (int) $format->getAttribute(\NumberFormatter::FRACTION_DIGITS);
            }
            ksort($digits);
        }

        return $digits;
    }

    /** @return list<string> ISO 4217 codes */
    private static function currencyCodes(): array
    {
        $codes = [];
        $regions = \ResourceBundle::create('supplementalData', 'ICUDATA-curr', false)?->get('CurrencyMap');
        foreach ($regions ?? [] as $region => $history) {
            // Regions of two letters are countries; EU and QO are not, and ZZ is nowhere.
            foreach (strlen((string) $region) === 2 && ! in_array($region, ['EU', 'QO', 'ZZ'], true) ? $history : [] as $one) {
                $one->get('to') !== null || $one->get('tender') === 'false' || $codes[(string) $one->get('id')] = true;
            }
        }

        return array_keys($codes);
    }
}
