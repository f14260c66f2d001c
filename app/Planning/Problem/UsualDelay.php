<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Models\Build\KitLine;
use App\Support\Say;

/**
 * By how many days a supplier is usually late when something is late: the median of what came late before, from three
 * such orders on; a quarter of the lead time until then, three days at least (house convention).
 */
final class UsualDelay
{
    private const ENOUGH = 3;

    private const LEAST_DAYS = 3;

    /** What came late before these says nothing about a supplier any more. */
    private const LATEST = 400;

    /** @var array<string, list<int>>|null days late, by supplier */
    private ?array $late = null;

    /** What has arrived since is looked up again. */
    public function forget(): void
    {
        $this->late = null;
    }

    public function days(string $supplier, int $leadDays): int
    {
        return $this->learned($supplier) ?? max(self::LEAST_DAYS, (int) ceil($leadDays / 4));
    }

    public function words(string $supplier, int $leadDays): string
    {
        $days = Say::count($this->days($supplier, $leadDays), 'day');

        return $this->learned($supplier) === null
            ? "nothing is known of how late it comes, {$days} are taken"
            : "{$supplier} is usually {$days} late";
    }

    private function learned(string $supplier): ?int
    {
        $this->late ??= $this->read();
        $late = $this->late[$supplier] ?? [];
        sort($late);

        return count($late) < self::ENOUGH ? null : max(1, $late[intdiv(count($late), 2)]);
    }

    /** @return array<string, list<int>> */
    private function read(): array
    {
        $late = [];
        $lines = KitLine::query()
            ->whereNotNull('arrived_on')
            ->whereNotNull('expected_on')
            ->whereColumn('arrived_on', '>', 'expected_on')
            ->orderByDesc('arrived_on')->orderByDesc('id')
            ->limit(self::LATEST)
            ->toBase()
            ->get(['supplier', 'expected_on', 'arrived_on']);
        foreach ($lines as $line) {
            $late[(string) $line->supplier][] = (int) (
                new \DateTimeImmutable((string) $line->expected_on)
            )->diff(new \DateTimeImmutable((string) $line->arrived_on))->days;
        }

        return $late;
    }
}
