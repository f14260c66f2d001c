<?php

declare(strict_types=1);

namespace Regimen\Forecast\Simulation;

use Regimen\Forecast\Chance\Quantiles;
use Regimen\Schedule\Tables\Tables;
use Regimen\Schedule\Time\Grid;

/**
 * Draws what is not known, run by run, into the tables of a problem. A run draws the same for the same seed, whatever else is
 * otherwise in the shop (common random numbers): as many numbers for each activity, in the order of the problem.
 */
final class Draws
{
    private const DAY = 1_440;

    /** Whoever has been drawn to be away so often in one run is there again (a year of bad luck). */
    private const SPELLS = 40;

    /** @var list<array{float, float}> by activity: minutes of its whole, and of what is left as planned */
    private array $planned = [];

    /** @var list<non-empty-list<float>> by activity: the ratio, laid out */
    private array $ratio = [];

    /** @var list<int> by activity: minutes that are worked already */
    private array $begun = [];

    /** @var list<float> by activity: the chance that it goes wrong */
    private array $setback = [];

    /** @var list<int> by activity: what that costs */
    private array $lost = [];

    /** @var list<non-empty-list<float>|null> by activity: how long its hold is, laid out */
    private array $holds = [];

    /** @var list<int> by activity: its kind, from 0 */
    private array $kind = [];

    /** @var array<int, float> by kind */
    private array $unsure = [];

    /** @var list<float> by activity: the share of the ratio that lies below what is worked already */
    private array $below = [];

    /** @var list<int> by activity: minutes that are set up */
    private array $setUp = [];

    /** @var list<array<int, float>> by activity: working minutes for each minute of the standard, by person */
    private array $pace = [];

    /** @var list<int> */
    private array $hold;

    public readonly Comings $comings;

    public function __construct(private readonly Tables $tables, private readonly Doubts $all, private readonly int $seed)
    {
        $certain = new Doubt(Quantiles::certain(1.0));
        $kinds = [];
        $this->hold = $tables->hold;
        $this->comings = new Comings($tables, $all->arrivals);
        foreach ($tables->activities as $index => $activity) {
            $doubt = $all->activities[$activity->id] ?? $certain;
            [$this->ratio[], $this->begun[], $this->setback[], $this->lost[], $this->holds[]] = [$doubt->ratio->at, $doubt->begun, $doubt->setback, $doubt->lost, $doubt->hold?->at];
            $this->planned[] = [(float) max($doubt->whole, $activity->work), (float) $activity->work];
            $kind = $kinds[$doubt->kind] ??= count($kinds);
            $this->kind[] = $kind;
            $this->unsure[$kind] = $doubt->unsure;
            $this->below[] = $doubt->begun > 0 && $doubt->whole > 0 ? min(0.995, $doubt->ratio->below($doubt->begun / $doubt->whole)) : 0.0;
            $this->setUp[] = $activity->setUp->minutes ?? 0;
            $pace = [];
            foreach ($tables->able[$index] as $person) {
                $worker = $tables->people->workers[$person];
                $away = $all->people[$worker->id] ?? new Away;
                $pace[$person] = 100 / ($worker->speeds[$activity->skill ?? ''] ?? 100) * $away->pace / (1 - $away->lost);
            }
            $this->pace[] = $pace;
        }
    }

    /** Draws a run, the first is 0. */
    public function draw(int $run): void
    {
        mt_srand($this->seed + 7_919 * $run);
        $most = mt_getrandmax() + 1.0;
        $shop = exp($this->all->unsure * self::normal());
        $factors = [];
        foreach ($this->unsure as $unsure) {
            $factors[] = $shop * exp($unsure * self::normal());
        }
        $this->comings->draw();
        $work = $minutes = $hold = [];
        foreach ($this->planned as $index => [$whole, $left]) {
            $one = mt_rand() / $most;
            $two = mt_rand() / $most;
            $three = mt_rand() / $most;
            $takes = 0;
            if ($left > 0) {
                $below = $this->below[$index];
                $drawn = $whole * self::at($this->ratio[$index], $below + (1 - $below) * $one) * $factors[$this->kind[$index]] - $this->begun[$index];
                if ($two < $this->setback[$index]) {
                    // A setback costs more or less than its mean, as what happens by chance does.
                    $drawn -= $this->lost[$index] * log(1 - $two / $this->setback[$index] * 0.999);
                }
                $least = $this->setUp[$index] + Grid::MINUTES;
                $takes = Grid::up((int) ($drawn < $least ? $least : $drawn));
            }
            $work[] = $takes;
            $each = [];
            foreach ($this->pace[$index] as $person => $pace) {
                $each[$person] = Grid::up((int) ($takes * $pace + 0.999));
            }
            $minutes[] = $each;
            $hold[] = $this->holds[$index] === null ? $this->hold[$index] : Grid::up((int) ($this->hold[$index] * self::at($this->holds[$index], $three)));
        }
        [$this->tables->work, $this->tables->minutes, $this->tables->hold] = [$work, $minutes, $hold];
    }

    /**
     * When somebody stays away in the run that was drawn last: from and to, one after the other.
     *
     * @return list<array{int, int}>
     */
    public function spells(int $run, int $person, int $until): array
    {
        $away = $this->all->people[$this->tables->people->workers[$person]->id] ?? null;
        if ($away === null || $away->spellsADay <= 0) {
            return [];
        }
        mt_srand($this->seed + 7_919 * $run + 104_729 * ($person + 1));
        $spells = [];
        $at = $this->tables->now;
        for ($spell = 0; $spell < self::SPELLS; $spell++) {
            $at += (int) (-log(1 - self::share()) / $away->spellsADay * self::DAY);
            if ($at >= $until) {
                break;
            }
            $lasts = self::DAY * (1 + ($away->days > 1 ? (int) round(-log(1 - self::share()) * ($away->days - 1)) : 0));
            $spells[] = [Grid::up($at), Grid::up($at + $lasts)];
            $at += $lasts;
        }

        return $spells;
    }

    /**
     * What lies at a share of what is laid out: Quantiles::at, without a call for each of some hundred thousand.
     *
     * @param  non-empty-list<float>  $laid
     */
    private static function at(array $laid, float $share): float
    {
        $place = $share * Quantiles::STEPS;
        $step = (int) $place;

        return $laid[$step] + ($place - $step) * ($laid[$step + 1] - $laid[$step]);
    }

    private static function share(): float
    {
        return mt_rand() / (mt_getrandmax() + 1.0);
    }

    /** Box and Muller’s transform of two shares. */
    private static function normal(): float
    {
        return sqrt(-2 * log(1 - self::share())) * cos(2 * M_PI * self::share());
    }
}
