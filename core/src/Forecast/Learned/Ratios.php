<?php

declare(strict_types=1);

namespace Regimen\Forecast\Learned;

use Regimen\Forecast\Chance\BetaPert;
use Regimen\Forecast\Chance\Spread;

/**
 * What the shop's own hours say about its estimates: by operation, by the way it is done, by person. Each is learned from what
 * is known of the next wider one, which weighs as some jobs; the widest begins with the house's three points.
 */
final class Ratios
{
    /** What is known before weighs as so many jobs (house convention). */
    public const K = 3.0;

    /** A person or a model is told apart from the others only slowly. */
    private const SLOW = 12.0;

    /** @var array<string, array<string, list<array{float, float}>>> logarithms and weights, by operation and way */
    private array $jobs = [];

    /** @var array<string, list<Job>> by operation, way and model, the oldest first */
    private array $repeats = [];

    /** @var array<string, Ratio> */
    private array $known = [];

    /** @var array<int, Ratio> */
    private array $people = [];

    /** @var list<Outlier> */
    public readonly array $outliers;

    /** By how much all operations together take longer than the three points say, as a logarithm. */
    private readonly Ratio $shop;

    /** @param  list<Job>  $jobs */
    public function __construct(array $jobs)
    {
        $like = $outliers = $all = $by = [];
        foreach ($jobs as $job) {
            $like["{$job->operation} {$job->way}"][] = $job;
        }
        $usual = self::usual()->spread();
        foreach ($like as $key => $same) {
            [$kept, $out] = Outliers::of($same);
            array_push($outliers, ...$out);
            foreach ($kept as $job) {
                $log = (float) $job->log();
                $all[] = [$log - $usual->log, $job->weight()];
                $this->jobs[$job->operation][$job->way][] = [$log, $job->weight()];
                $this->repeats["{$key} {$job->model}"][] = $job;
                $by[$job->person][] = $job;
            }
        }
        $this->outliers = $outliers;
        $this->shop = Ratio::after(0.0, $usual->deviation, self::K, $all);
        foreach ($by as $person => $own) {
            $this->people[$person] = Ratio::after(0.0, 0.1, self::SLOW, array_map(
                fn (Job $job): array => [(float) $job->log() - $this->of($job->operation, $job->way)->log, $job->weight()], $own,
            ));
        }
    }

    /** Three quarters, one, seven quarters: the three points where nobody has said more. */
    public static function usual(): BetaPert
    {
        return new BetaPert(0.75, 1.0, 1.75);
    }

    /** All of the shop's work for each hour that is estimated for it. */
    public function shop(): Ratio
    {
        $usual = self::usual()->spread();

        return new Ratio($usual->log + $this->shop->log, $this->shop->deviation, $this->shop->unsure, $this->shop->n);
    }

    /** @param  BetaPert|null  $points  the house's three points for each hour that is estimated; the usual ones where there are none */
    public function of(string $operation, string $way, ?BetaPert $points = null): Ratio
    {
        $key = $points === null ? "{$operation} {$way}" : "{$operation} {$way} {$points->best} {$points->usual} {$points->worst}";

        return $this->known[$key] ??= $this->learn($operation, $way, ($points ?? self::usual())->spread());
    }

    /** What a person takes for each hour that others take. */
    public function person(int $person): Ratio
    {
        return $this->people[$person] ?? new Ratio(0.0, 0.1, 0.1 / sqrt(self::SLOW), 0);
    }

    /**
     * The next one of a model by its own curve, together with what the operation says, each by how sure it is.
     *
     * @param  Ratio  $of  the operation and way
     */
    public function repeated(Ratio $of, string $operation, string $way, string $model): Ratio
    {
        $curve = $this->curve($operation, $way, $model);
        if ($curve === null) {
            return $of;
        }
        $next = $curve->next();
        $sure = [1 / max(1e-6, $of->deviation ** 2 + $of->unsure ** 2), 1 / max(1e-6, $next->deviation ** 2)];
        $log = ($sure[0] * $of->log + $sure[1] * $next->log) / array_sum($sure);

        return new Ratio($log, $of->deviation, min($of->unsure, sqrt(1 / array_sum($sure))), $of->n);
    }

    /** Of ratios, the oldest repeat first; null from fewer than three. */
    public function curve(string $operation, string $way, string $model): ?Repetition
    {
        $jobs = $model === '' ? [] : $this->repeats["{$operation} {$way} {$model}"] ?? [];
        usort($jobs, static fn (Job $a, Job $b): int => $b->age <=> $a->age);

        return Repetition::fit(array_map(static fn (Job $job): float => $job->worked / $job->estimated, $jobs));
    }

    private function learn(string $operation, string $way, Spread $points): Ratio
    {
        $ways = $this->jobs[$operation] ?? [];
        $others = array_merge([], ...array_values(array_diff_key($ways, [$way => true])));
        $log = $points->log + $this->shop->log;
        $wider = $others === [] ? new Ratio($log, $points->deviation, 0.0, 0) : Ratio::after($log, $points->deviation, self::K, $others);

        return Ratio::after($wider->log, $wider->deviation, self::K, $ways[$way] ?? []);
    }
}
