<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use App\Pages\Build\ChanceOfDay;
use App\Planning\House\House;
use App\Support\Minutes;
use App\Support\Say;
use Regimen\Forecast\Simulation\BuildOutcome;

/** What the runs of the whole shop say of the day on which a draft is over. */
final readonly class ChanceWords
{
    public function __construct(private House $house)
    {
    }

    /** The date that holds with the chance that the house wants; null where too few runs end. */
    public function promisable(BuildOutcome $chances): ?string
    {
        return $this->day($chances->by($this->house->shop()->promise_chance / 1_000));
    }

    /** @return list<ChanceOfDay> the dates by which half, eight in ten and 95 in 100 of the runs are over */
    public function lines(BuildOutcome $chances): array
    {
        $lines = [];
        foreach ([50, 80, 95] as $percent) {
            $day = $this->day($chances->by($percent / 100));
            $day === null || $lines[] = new ChanceOfDay($day, $percent);
        }

        return $lines;
    }

    /** Of a hundred runs, those that are over by the end of that day. */
    public function percent(BuildOutcome $chances, string $day): int
    {
        return (int) round(100 * $chances->chance(Minutes::endOfDay($day, $this->house->zone())));
    }

    /** What promising earlier costs. */
    public function earlier(BuildOutcome $chances): string
    {
        $wanted = $this->house->shop()->promise_chance / 10;
        $day = $this->day($chances->by($wanted / 100));
        if ($day === null) {
            return 'In fewer runs than the house wants it is over at all.';
        }
        $earlier = (new \DateTimeImmutable($day))->modify('-7 days')->format('Y-m-d');

        return 'The date that holds in '.Say::figure($wanted, 1).' of 100 runs of the whole shop, as the house wants it. A week earlier it would hold in '.$this->percent($chances, $earlier).'.';
    }

    private function day(?int $instant): ?string
    {
        return $instant === null ? null : Minutes::toInstant($instant)->setTimezone($this->house->zone())->format('Y-m-d');
    }
}
