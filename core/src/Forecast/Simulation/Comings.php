<?php

declare(strict_types=1);

namespace Regimen\Forecast\Simulation;

use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\Release;
use Regimen\Schedule\Tables\Tables;
use Regimen\Schedule\Tables\Wait;

/**
 * When what is waited for comes, drawn run by run: parts, what is sent out, decisions. Whoever waits for several of them waits for
 * the last, which is another in each run.
 */
final class Comings
{
    private const DAY = 1_440;

    /** @var array<int, string> by activity: what came last in the run that was drawn last, of those that wait for something */
    public array $causes = [];

    /** @var array<string, float> by arrival: the share that lies below what has passed */
    private array $passed = [];

    /** @var array<int, non-empty-list<Release>> by activity: what comes sooner or later, of those that wait for it */
    private array $waiting = [];

    /** @var array<int, non-empty-list<array{int, string}>> by activity: at which of its links something is ordered, and what */
    private array $leads = [];

    /** @var array<int, array{int, int}> by activity: not before this instant, whatever else comes, and why, as a Wait */
    private array $certain = [];

    /** @var list<int> */
    private readonly array $earliest;

    /** @var list<int> */
    private readonly array $because;

    /** @var list<int|null> */
    private readonly array $heldUntil;

    /** @var list<list<array{int, int}>> */
    private readonly array $before;

    /** @param  array<string, Arrival>  $arrivals  by the cause of the releases and lags that wait for it */
    public function __construct(private readonly Tables $tables, private readonly array $arrivals)
    {
        [$this->earliest, $this->because, $this->heldUntil, $this->before] = [$tables->earliest, $tables->because, $tables->heldUntil, $tables->before];
        foreach ($arrivals as $key => $arrival) {
            $this->passed[$key] = $arrival->passed <= 0 ? 0.0 : min(0.995, $arrival->days->below($arrival->passed));
        }
        foreach ($arrivals === [] ? [] : $tables->activities as $index => $activity) {
            $this->read($index, $activity);
        }
    }

    /** Draws them into the tables; as many numbers whatever the shop is like. */
    public function draw(): void
    {
        $days = [];
        foreach ($this->arrivals as $key => $arrival) {
            $days[$key] = $arrival->days->at($this->passed[$key] + (1 - $this->passed[$key]) * (mt_rand() / (mt_getrandmax() + 1.0)));
        }
        [$earliest, $because, $heldUntil, $before, $this->causes] = [$this->earliest, $this->because, $this->heldUntil, $this->before, []];
        foreach ($this->waiting as $index => $releases) {
            [$latest, $why] = $this->certain[$index];
            foreach ($releases as $one) {
                $instant = $one->instant + self::DAY * (int) round($days[$one->cause] - $this->arrivals[$one->cause]->planned);
                if ($instant > $latest) {
                    [$latest, $why, $this->causes[$index]] = [$instant, Wait::RELEASE, $one->cause];
                }
            }
            [$earliest[$index], $because[$index], $heldUntil[$index]] = [$latest, $why, $heldUntil[$index] === null ? null : $latest];
        }
        foreach ($this->leads as $index => $leads) {
            foreach ($leads as [$at, $cause]) {
                $before[$index][$at] = [$before[$index][$at][0], self::DAY * (int) ceil($days[$cause])];
            }
        }
        /**
         * @var list<int> $earliest
         * @var list<int> $because
         * @var list<int|null> $heldUntil
         * @var list<list<array{int, int}>> $before
         */
        [$this->tables->earliest, $this->tables->because, $this->tables->heldUntil, $this->tables->before] = [$earliest, $because, $heldUntil, $before];
    }

    private function read(int $index, Activity $activity): void
    {
        $isDrawn = fn (Release $one): bool => isset($this->arrivals[$one->cause]);
        $releases = array_values(array_filter($activity->releases(), $isDrawn));
        if ($releases !== []) {
            $this->waiting[$index] = $releases;
            $this->certain[$index] = Tables::notBefore(
                $activity->waitingFor(array_values(array_filter($activity->releases(), static fn (Release $one): bool => ! $isDrawn($one)))), $this->tables->now,
            );
        }
        $at = 0;
        foreach ($activity->predecessors as $one) {
            if (isset($this->tables->index[$one->activity])) {
                if ($one->lag > 0 && isset($this->arrivals[$one->lagCause ?? ''])) {
                    $this->leads[$index][] = [$at, (string) $one->lagCause];
                }
                $at++;
            }
        }
    }
}
