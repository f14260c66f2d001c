<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Electronics\ElectricWords;
use Regimen\Units\Term;
use Regimen\Units\Words;

/** A computed measure: what it is, its value, and the formula with its numbers. */
final readonly class Figure
{
    /**
     * @param  string  $number  of the formula in docs/calculations.md
     * @param  string  $group  of the fields it stands beside; empty for what belongs in a table
     */
    private function __construct(
        public string $key,
        public string $name,
        public float $value,
        public string $unit,
        public string $number,
        public string $formula,
        public string $group,
        private int $decimals,
    ) {
    }

    public static function mm(
        string $key,
        string $name,
        float $value,
        string $number,
        string $formula,
        string $group,
        int $decimals = 1,
    ): self {
        return new self($key, $name, $value, 'mm', $number, $formula, $group, $decimals);
    }

    public static function of(
        string $key,
        string $name,
        float $value,
        string $unit,
        string $number,
        string $formula,
        string $group,
        int $decimals = 1,
    ): self {
        return new self($key, $name, $value, $unit, $number, $formula, $group, $decimals);
    }

    /**
     * A figure that tells itself: its value and its formula are one expression.
     *
     * @param  int|null  $result  decimals of the result at the end of the formula; none if it is not repeated there
     * @param  string  $after  what is said behind the result
     */
    public static function worked(
        string $key,
        string $name,
        Term $term,
        string $number,
        string $group,
        int $decimals = 1,
        ?int $result = null,
        string $unit = 'mm',
        string $after = '',
    ): self {
        $space = in_array($unit, ['°', ''], true) ? $unit : " {$unit}";
        $repeated = $result === null ? '' : ' = '.Words::number($term->value, $result).$space;

        return new self($key, $name, $term->value, $unit, $number, $term->words().$repeated.$after, $group, $decimals);
    }

    /** `6.5`, without its unit when that is millimetres, as in a table of lengths. */
    public function shown(): string
    {
        if ($this->unit === 'kΩ') {
            return ElectricWords::resistance(round($this->value, 4));
        }
        if ($this->unit === 'nF') {
            return ElectricWords::capacitance($this->value);
        }

        return Words::number($this->value, $this->decimals).(
            in_array($this->unit, ['mm', ''], true) ? '' : ($this->unit === '°' ? '°' : " {$this->unit}")
        );
    }

    /** With its unit, also where that is millimetres. */
    public function withUnit(): string
    {
        return $this->unit === 'mm' ? "{$this->shown()} mm" : $this->shown();
    }

    /** The same in the other unit, where there is one. */
    public function other(): string
    {
        return match ($this->unit) {
            'mm' => Words::inches($this->value),
            'N' => Words::number($this->value / Pull::POUND_FORCE).' lbf',
            'kg' => Words::number($this->value / 0.45359237).' lb',
            default => '',
        };
    }

    public function source(): string
    {
        return Sources::of($this->number);
    }
}
