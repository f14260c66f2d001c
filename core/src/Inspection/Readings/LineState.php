<?php

declare(strict_types=1);

namespace Regimen\Inspection\Readings;

use Regimen\Inspection\SetUp\CentreLine;
use Regimen\Inspection\Target;

/** One line of a gate’s sheet with what was read: each reading judged at once, the line by its worst (CALCULATIONS B1). */
final readonly class LineState
{
    /**
     * @param  list<PlaceState>  $places
     * @param  ReadingVerdict|null  $verdict  of what has been read so far
     * @param  bool  $isComplete  whether something was read at every place
     */
    private function __construct(
        public Target $target, public array $places, public ?ReadingVerdict $verdict, public bool $isComplete,
    ) {
    }

    /** @param  array<string, list<float>>  $readings  by place, in the target's unit */
    public static function of(Target $target, array $readings): self
    {
        $read = static fn (string $place): array => $readings[$place] ?? [];
        $places = [];
        foreach ($target->compares === 0 ? $target->places : [] as $place) {
            $places[] = self::judged($target, $place, $read($place), $read($place));
        }
        foreach ($target->compares === 0 ? [] : array_chunk($target->places, 2) as [$bass, $treble]) {
            $places[] = new PlaceState($bass, $read($bass), null, 0.0);
            $places[] = self::judged($target, $treble, $read($treble), self::between($read($bass), $read($treble), $target->compares));
        }

        return new self(
            $target, $places,
            ReadingVerdict::worst(array_values(array_filter(array_map(static fn (PlaceState $one): ?ReadingVerdict => $one->verdict, $places)))),
            array_filter($places, static fn (PlaceState $one): bool => $one->values === []) === [],
        );
    }

    /** Whether it may be closed as it is. */
    public function passes(): bool
    {
        return $this->isComplete && $this->verdict?->passes() === true;
    }

    /**
     * What the readings come to: their mean, of what is compared the largest difference; null for none. It is what goes
     * on into the specification.
     */
    public function value(): ?float
    {
        if ($this->target->compares > 0) {
            $all = $this->differences();

            return $all === [] ? null : max($all);
        }
        $values = array_merge(...array_map(static fn (PlaceState $one): array => $one->values, $this->places));

        return $values === [] ? null : array_sum($values) / count($values);
    }

    /**
     * Where the middle lies at each station, towards the bass above zero, and the angle of two: from the last readings.
     *
     * @return array{list<float>, float|null} mm, and degrees; nothing for a station that is not read on both sides
     */
    public function centre(): array
    {
        $offsets = [];
        foreach ($this->target->compares === 0 ? [] : array_chunk($this->places, 2) as [$bass, $treble]) {
            if ($bass->values !== [] && $treble->values !== []) {
                $offsets[] = CentreLine::offset($bass->values[count($bass->values) - 1], $treble->values[count($treble->values) - 1]);
            }
        }
        $isWhole = count($offsets) === 2 && $this->target->apart !== null;

        return [$offsets, $isWhole ? CentreLine::angle($offsets[0], $offsets[1], (float) $this->target->apart) : null];
    }

    /** @return list<float> what each station's two sides differ by, divided as the target says */
    public function differences(): array
    {
        $all = [];
        foreach ($this->target->compares === 0 ? [] : array_chunk($this->places, 2) as [$bass, $treble]) {
            array_push($all, ...self::between($bass->values, $treble->values, $this->target->compares));
        }

        return $all;
    }

    /**
     * @param  list<float>  $bass
     * @param  list<float>  $treble
     * @return list<float>
     */
    private static function between(array $bass, array $treble, int $by): array
    {
        $all = [];
        foreach ($bass as $one) {
            foreach ($treble as $other) {
                $all[] = abs($one - $other) / $by;
            }
        }

        return $all;
    }

    /**
     * @param  list<float>  $values
     * @param  list<float>  $judged
     */
    private static function judged(Target $target, string $place, array $values, array $judged): PlaceState
    {
        return new PlaceState(
            $place, $values, ReadingVerdict::worst(array_map($target->verdict(...), $judged)),
            $judged === [] ? 0.0 : max(array_map($target->outsideBy(...), $judged)),
        );
    }
}
