<?php

declare(strict_types=1);

namespace Regimen\Forecast\Honesty;

use Regimen\Forecast\Normal;
use Regimen\Schedule\Time\Calendar;

/**
 * What past forecasts say about the next: by how much builds really take longer than half of the runs did, and how much wider or
 * narrower they scatter. No run knows of work that is taken on later; this does. What the runs say weighs as some builds, so that
 * a shop without a past gets them as they are.
 */
final readonly class Recalibration
{
    /** As many builds the runs themselves weigh (house convention). */
    public const K = 6.0;

    /** Before the past says anything builds scatter so much wider than the runs, which know nothing of what is taken on later (house convention). */
    private const WIDER = 1.25;

    /** No forecast is taken for narrower than this, as a deviation of the logarithm of its days. */
    private const NARROW = 0.03;

    private const SCALES = [0.6, 2.5];

    /** Shorter than a day nothing is said about how long something takes. */
    private const LEAST = 1_440;

    /**
     * @param  float  $shift  logarithm of what it takes for each day of the middle of the runs
     * @param  float  $scale  how much wider it scatters than the runs do
     * @param  int  $n  builds that it is learned from
     * @param  float  $usual  minutes that were usually ahead of them when they were forecast; 0 where nobody knows
     */
    public function __construct(public float $shift = 0.0, public float $scale = 1.0, public int $n = 0, public float $usual = 0.0)
    {
    }

    /** @param  list<array{median: float, spread: float, took: float}>  $past  minutes of the middle, deviation of their logarithm, minutes that it really took; as the runs alone had it */
    public static function learn(array $past): self
    {
        $logs = $spreads = $ahead = [];
        foreach ($past as $one) {
            if ($one['median'] >= self::LEAST && $one['took'] >= self::LEAST) {
                $logs[] = log($one['took'] / $one['median']);
                $spreads[] = max(self::NARROW, $one['spread']);
                $ahead[] = $one['median'];
            }
        }
        $n = count($logs);
        $shift = array_sum($logs) / (self::K + $n);
        $squares = self::K * self::WIDER ** 2;
        foreach ($logs as $at => $log) {
            $squares += (($log - $shift) / $spreads[$at]) ** 2;
        }

        return new self($shift, max(self::SCALES[0], min(self::SCALES[1], sqrt($squares / (self::K + $n) * (1 + 1 / (self::K + $n))))), $n, $n === 0 ? 0.0 : array_sum($ahead) / $n);
    }

    /** Of a forecast by its tenth and ninth tenth: the deviation of the logarithm. */
    public static function spread(float $tenth, float $ninth): float
    {
        return $tenth <= 0 || $ninth <= $tenth ? 0.0 : log($ninth / $tenth) / (2 * Normal::quantile(0.9));
    }

    /**
     * Finishes of the runs as they are to be expected. What comes in between comes with time: of what is nearly done it delays less.
     *
     * @param  list<int>  $finishes  run by run
     * @param  int  $now  when they were drawn
     * @param  int  $never  what was never over, which stays so
     * @param  Calendar|null  $shop  when somebody is there to hand it over: a finish that is moved is moved to then
     * @return list<int>
     */
    public function of(array $finishes, int $now, int $never, ?Calendar $shop = null): array
    {
        $sorted = array_values(array_filter($finishes, static fn (int $one): bool => $one !== $never));
        sort($sorted);
        $median = (float) (($sorted[intdiv(count($sorted), 2)] ?? $now) - $now);
        if ($median <= 0) {
            return $finishes;
        }
        $factor = $median * exp($this->shift * ($this->usual > 0 ? min(1.0, $median / $this->usual) : 1.0));

        return array_map(function (int $one) use ($now, $never, $factor, $median, $shop): int {
            if ($one === $never || $one <= $now) {
                return $one;
            }
            $moved = $now + (int) round($factor * (($one - $now) / $median) ** $this->scale);

            return $shop === null ? $moved : max($moved, $shop->stretchAt($shop->stretchAfter($moved))[0]);
        }, $finishes);
    }
}
