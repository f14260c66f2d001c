<?php

declare(strict_types=1);

namespace Regimen\Inspection;

use Regimen\Electronics\ElectricWords;
use Regimen\Inspection\Readings\MeasuringTool;
use Regimen\Inspection\Readings\ReadingVerdict;
use Regimen\Units\Length;
use Regimen\Units\Words;

/** One thing to measure at a gate: with what, where, and within which limits. */
final readonly class Target
{
    /** What two readings across from each other are measured at, the bass side first. */
    public const SIDES = ['bass', 'treble'];

    /**
     * @param  float|null  $low  in the unit; null where there is no lower limit or nothing is measured in numbers
     * @param  non-empty-list<string>  $places  where it is measured, each with a reading of its own
     * @param  string|null  $field  of the specification that the reading says
     * @param  float|null  $mark  about what should be read, where it is not the middle of the limits
     * @param  float|null  $apart  how far two stations that are compared lie apart, in mm
     * @param  int  $compares  what the difference of each two places is divided by; 0 where what is read at them counts
     */
    private function __construct(
        public string $what,
        public string $how,
        public string $words,
        public ?float $low,
        public ?float $high,
        public string $unit,
        public array $places = [''],
        public ?string $field = null,
        public int $compares = 0,
        public ?float $mark = null,
        public ?float $apart = null,
    ) {
    }

    /** Measured at several places: `at the first`, `bass side`. */
    public function at(string $place, string ...$places): self
    {
        return new self(
            $this->what, $this->how, $this->words, $this->low, $this->high, $this->unit, [$place, ...array_values($places)],
            $this->field, $this->compares, $this->mark, $this->apart,
        );
    }

    /** The two stations that are compared lie so far apart, in mm: then the line's angle follows (CALCULATIONS B2). */
    public function stationsApart(float $mm): self
    {
        return new self(
            $this->what, $this->how, $this->words, $this->low, $this->high, $this->unit, $this->places, $this->field,
            $this->compares, $this->mark, $mm,
        );
    }

    /** Measured on both sides; what the two differ by is judged, at one station or more. */
    public function compared(string $station, string ...$stations): self
    {
        return $this->onBothSides(1, $station, ...array_values($stations));
    }

    /** Measured on both sides; half of what the two differ by is judged (CALCULATIONS B2), at one station or more. */
    public function offset(string $station, string ...$stations): self
    {
        return $this->onBothSides(2, $station, ...array_values($stations));
    }

    private function onBothSides(int $compares, string ...$stations): self
    {
        $places = [];
        foreach ($stations as $station) {
            foreach (self::SIDES as $side) {
                $places[] = "{$station}, {$side}";
            }
        }

        return new self(
            $this->what, $this->how, $this->words, $this->low, $this->high, $this->unit, $places === [] ? [''] : $places, $this->field, $compares, $this->mark, $this->apart,
        );
    }

    /** What is measured is this field of the specification, and takes its place from then on. */
    public function says(string $field): self
    {
        return new self(
            $this->what, $this->how, $this->words, $this->low, $this->high, $this->unit, $this->places, $field,
            $this->compares, $this->mark, $this->apart,
        );
    }

    /** By what its readings are known, on every instrument. */
    public function key(): string
    {
        return trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($this->what)), '-');
    }

    public function tool(): MeasuringTool
    {
        return MeasuringTool::in($this->how);
    }

    /** Whether somebody looks, and nothing is measured in numbers. */
    public function isSeen(): bool
    {
        return $this->unit === '';
    }

    /** About what should be read; null where nothing can be told. */
    public function wanted(): ?float
    {
        return match (true) {
            $this->isSeen() || $this->compares > 0 => null,
            $this->mark !== null => $this->mark,
            $this->low !== null && $this->high !== null => ($this->low + $this->high) / 2,
            default => $this->low ?? $this->high,
        };
    }

    /** @param  float  $value  in the unit; of what is compared, the difference */
    public function verdict(float $value): ReadingVerdict
    {
        if ($this->isSeen()) {
            return $value > 0 ? ReadingVerdict::Inside : ReadingVerdict::Outside;
        }

        return ReadingVerdict::of($value, $this->low, $this->high, $this->tool()->resolution());
    }

    /** By how much a value lies outside of the limits, in the unit; 0 inside. */
    public function outsideBy(float $value): float
    {
        return max(0.0, ($this->low ?? $value) - $value, $value - ($this->high ?? $value));
    }

    public static function around(string $what, string $how, float $value, float $tolerance, string $unit = 'mm'): self
    {
        return new self(
            $what, $how, Words::plain($value).' ± '.Words::plain($tolerance)." {$unit}", $value - $tolerance,
            $value + $tolerance, $unit, mark: $value,
        );
    }

    /** A resistance in kΩ within so many per cent, said in the unit in which it is read. */
    public static function resistance(string $what, string $how, float $kilohms, float $percent): self
    {
        return new self(
            $what, $how, ElectricWords::resistance(round($kilohms, 4)).' ± '.Words::plain($percent).' %',
            $kilohms * (1 - $percent / 100), $kilohms * (1 + $percent / 100), 'kΩ', mark: $kilohms,
        );
    }

    public static function atMost(string $what, string $how, float $high, string $unit = 'mm'): self
    {
        return new self($what, $how, 'at most '.Words::plain($high)." {$unit}", null, $high, $unit);
    }

    public static function atLeast(string $what, string $how, float $low, string $unit = 'mm'): self
    {
        return new self($what, $how, 'at least '.Words::plain($low)." {$unit}", $low, null, $unit);
    }

    public static function between(string $what, string $how, float $low, float $high, string $unit = 'mm'): self
    {
        return new self($what, $how, Words::plain($low).' to '.Words::plain($high)." {$unit}", $low, $high, $unit);
    }

    /** Written down and not judged. */
    public static function recorded(string $what, string $how, string $unit): self
    {
        return new self($what, $how, 'write it down', null, null, $unit);
    }

    public static function seen(string $what, string $how, string $words): self
    {
        return new self($what, $how, $words, null, null, '');
    }

    /** The limits in decimal inches, `0.075 to 0.083 in`; empty for what is no length. */
    public function inInches(): string
    {
        $limits = $this->unit === 'mm' ? array_filter([$this->low, $this->high], is_float(...)) : [];

        return $limits === [] ? '' : implode(' to ', array_map(
            static fn (float $mm): string => Words::number($mm / Length::MM_PER_INCH, 3), $limits,
        )).' in';
    }
}
