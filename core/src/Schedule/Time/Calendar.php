<?php

declare(strict_types=1);

namespace Regimen\Schedule\Time;

/**
 * Working time as a number line: the working minutes since the calendar's first day, against the clock.
 *
 * Instants are whole minutes since 1970-01-01T00:00Z, and every stretch begins and ends on a five-minute mark. Local
 * hours are turned into instants day by day, so that a stretch across a clock change has the minutes that really pass.
 */
final class Calendar
{
    /** Days that are laid out at a time, and at the most (sixteen years). */
    private const CHUNK = 200;

    private const LONGEST = 5_844;

    /** @var list<int> instants at which stretches begin */
    private array $from = [];

    /** @var list<int> instants at which they end */
    private array $to = [];

    /** @var list<int> working minutes before each */
    private array $before = [];

    private int $laidOut = 0;

    private int $total = 0;

    private \DateTimeImmutable $midnight;

    private int $horizon;

    private readonly Sittings $sittings;

    private function __construct(private readonly WorkingHours $hours, private readonly string $whose, int $first)
    {
        $this->sittings = Sittings::of($hours);
        $this->midnight = (new \DateTimeImmutable('@'.$first * 60))
            ->setTimezone($hours->zone)
            ->setTime(0, 0)
            ->modify('-1 day');
        $this->horizon = intdiv($this->midnight->getTimestamp(), 60);
    }

    /**
     * @param  int  $first  the earliest instant that will be asked for
     * @param  string  $whose  named in errors
     *
     * @throws NoWorkingTime if no weekday has hours
     */
    public static function from(WorkingHours $hours, int $first, string $whose = 'The shop'): self
    {
        if ($hours->minutesInAWeek() === 0) {
            throw NoWorkingTime::in($whose);
        }

        return new self($hours, $whose, $first);
    }

    /** Working minutes before an instant. */
    public function worked(int $instant): int
    {
        $this->reach($instant);
        $index = $this->lastAtOrBefore($this->from, $instant);

        return $index < 0 ? 0 : $this->before[$index] + min($instant, $this->to[$index]) - $this->from[$index];
    }

    /** Working minutes between two instants, negative if the second is earlier. */
    public function between(int $from, int $to): int
    {
        return $this->worked($to) - $this->worked($from);
    }

    /** The instant at which a working minute begins: the next stretch's start if the last one is used up. */
    public function startOf(int $worked): int
    {
        $index = $this->stretchOf($worked);

        return $this->from[$index] + $worked - $this->before[$index];
    }

    /**
     * The instant at which that many working minutes are over: the end of a stretch rather than the start of the next.
     */
    public function endOf(int $worked): int
    {
        return $worked <= 0 ? $this->startOf(0) : $this->startOf($worked - 1) + 1;
    }

    /** The instant at which work that begins at or after an instant is done. */
    public function finish(int $instant, int $minutes): int
    {
        return $minutes === 0 ? $instant : $this->endOf($this->worked($instant) + $minutes);
    }

    /** @return array{int, int} the stretch that a working minute lies in, as working minutes from and to */
    public function sitting(int $worked): array
    {
        $index = $this->stretchOf($worked);

        return [$this->before[$index], $this->before[$index] + $this->to[$index] - $this->from[$index]];
    }

    /** Whether a usual week has a stretch of that length. */
    public function isUsualSitting(int $minutes): bool
    {
        return $this->sittings->isUsual($minutes);
    }

    /** The longest stretch that is still to come after an instant. */
    public function longestSitting(int $instant): int
    {
        return $this->sittings->longestAfter($instant);
    }

    /**
     * One stretch of work after the other, counted from the calendar's first.
     *
     * @return array{int, int} instants
     *
     * @throws NoWorkingTime if there is none any more
     */
    public function stretchAt(int $index): array
    {
        while (count($this->from) <= $index) {
            $this->layOut();
        }

        return [$this->from[$index], $this->to[$index]];
    }

    /** The first stretch that ends after an instant. */
    public function stretchAfter(int $instant): int
    {
        $this->reach($instant);

        return $this->lastAtOrBefore($this->to, $instant) + 1;
    }

    /** Clock minutes that pass for one working minute, on average over a week. */
    public function stretch(): float
    {
        return 10_080 / $this->hours->minutesInAWeek();
    }

    private function stretchOf(int $worked): int
    {
        while ($this->total <= $worked) {
            $this->layOut();
        }

        return $this->lastAtOrBefore($this->before, $worked);
    }

    private function reach(int $instant): void
    {
        while ($this->horizon <= $instant) {
            $this->layOut();
        }
    }

    /** @throws NoWorkingTime if sixteen years bring none */
    private function layOut(): void
    {
        if ($this->laidOut >= self::LONGEST) {
            throw NoWorkingTime::within($this->whose, intdiv(self::LONGEST, 365));
        }
        for ($day = 0; $day < self::CHUNK; $day++) {
            $next = $this->midnight->modify('+1 day');
            $this->layOutDay(intdiv($this->midnight->getTimestamp(), 60), intdiv($next->getTimestamp(), 60));
            $this->midnight = $next;
        }
        $this->horizon = intdiv($this->midnight->getTimestamp(), 60);
        $this->laidOut += self::CHUNK;
    }

    private function layOutDay(int $begin, int $end): void
    {
        $date = $this->midnight->format('Y-m-d');
        if (isset($this->hours->closed[$date])) {
            return;
        }
        $changes = $end - $begin !== 1440;
        $hours = $this->hours->special[$date] ?? $this->hours->week[(int) $this->midnight->format('N')] ?? [];
        foreach ($hours as [$from, $to]) {
            $start = Grid::up($changes ? $this->local($from) : $begin + $from);
            $stop = Grid::down($changes ? $this->local($to) : $begin + $to);
            if ($stop > $start) {
                $this->from[] = $start;
                $this->to[] = $stop;
                $this->before[] = $this->total;
                $this->total += $stop - $start;
            }
        }
    }

    private function local(int $minutes): int
    {
        return intdiv($this->midnight->setTime(intdiv($minutes, 60), $minutes % 60)->getTimestamp(), 60);
    }

    /**
     * @param  list<int>  $sorted
     * @return int the index of the last that is not after the value, -1 if there is none
     */
    private function lastAtOrBefore(array $sorted, int $value): int
    {
        $low = 0;
        $high = count($sorted);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($sorted[$middle] <= $value) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low - 1;
    }
}
