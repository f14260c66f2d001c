<?php

declare(strict_types=1);

namespace Regimen\Schedule\Time;

/** How long somebody works at a stretch: in a usual week, and on days with hours of their own. */
final readonly class Sittings
{
    /**
     * @param  list<array{int, int}>  $special  stretches of days with hours of their own: their end, how long they
     *   are
     */
    private function __construct(private int $usual, private array $special)
    {
    }

    public static function of(WorkingHours $hours): self
    {
        return new self(self::longestOf($hours->week), self::specialStretches($hours));
    }

    public function isUsual(int $minutes): bool
    {
        return $minutes <= $this->usual;
    }

    /** The longest stretch that is still to come after an instant. */
    public function longestAfter(int $instant): int
    {
        $longest = $this->usual;
        foreach ($this->special as [$end, $length]) {
            $longest = $end > $instant ? max($longest, $length) : $longest;
        }

        return $longest;
    }

    /** @param  array<int|string, list<array{int, int}>>  $days */
    private static function longestOf(array $days): int
    {
        $longest = 0;
        foreach ($days as $stretches) {
            foreach ($stretches as [$from, $to]) {
                $longest = max($longest, Grid::down($to) - Grid::up($from));
            }
        }

        return $longest;
    }

    /** @return list<array{int, int}> */
    private static function specialStretches(WorkingHours $hours): array
    {
        $found = [];
        foreach (array_diff_key($hours->special, $hours->closed) as $date => $stretches) {
            foreach ($stretches as [$from, $to]) {
                $end = (new \DateTimeImmutable((string) $date, $hours->zone))->setTime(intdiv($to, 60), $to % 60);
                $found[] = [intdiv($end->getTimestamp(), 60), Grid::down($to) - Grid::up($from)];
            }
        }

        return $found;
    }
}
