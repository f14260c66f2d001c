<?php

declare(strict_types=1);

namespace Regimen\Forecast\Simulation;

use Regimen\Schedule\Building\Candidate;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Tables\Agendas;
use Regimen\Schedule\Tables\Decoder;
use Regimen\Schedule\Tables\Order;
use Regimen\Schedule\Tables\Tables;

/**
 * The same shop over and over, each time with other hours, holds, lead times, setbacks and absences, always in the order and by
 * the people of the plan (CALCULATIONS P7, P9). Same seed, same answer.
 */
final class Runs
{
    /** In one of so many runs it is looked at what each build hung on. */
    private const TRACED = 5;

    /** Minutes beyond what is planned in which people are drawn to stay away. */
    private const BEYOND = 86_400;

    private readonly Tables $tables;

    private readonly Decoder $decoder;

    private readonly Agendas $agendas;

    private readonly Draws $draws;

    /** @var list<int> the fixed order */
    private readonly array $list;

    /** @var array<int, int> people that were chosen, by activity */
    private readonly array $people;

    /**
     * @param  array<int|string, int>  $keys  the order of the plan, by activity, the smallest first
     * @param  array<int|string, int>  $people  who was chosen, by activity
     */
    public function __construct(Problem $problem, private readonly Doubts $doubts, array $keys, array $people = [], int $seed = 1)
    {
        $this->tables = new Tables($problem);
        $this->decoder = new Decoder($this->tables);
        $this->agendas = new Agendas($this->tables->people);
        $candidate = Candidate::of($this->tables, $keys, $people);
        $this->list = (new Order($this->tables))->of($candidate->keys);
        $this->people = $candidate->people;
        $this->draws = new Draws($this->tables, $doubts, $seed);
    }

    /**
     * @param  int  $runs  one at least
     * @param  bool  $traced  whether it is looked at what each build hung on
     * @param  list<int>  $periods  instants at which periods begin that labour is counted by in traced runs
     */
    public function outcome(int $runs, bool $traced = true, array $periods = []): Outcome
    {
        $outcome = new Outcome($this->tables, $periods);
        $until = $this->until();
        for ($run = 0; $run < $runs; $run++) {
            $isTraced = $traced && $run % self::TRACED === 0;
            $this->draws->draw($run);
            $state = $this->decoder->empty();
            $state->plain = ! $isTraced;
            foreach ($this->doubts->people === [] ? [] : array_keys($this->tables->people->workers) as $person) {
                foreach ($this->draws->spells($run, $person, $until) as [$from, $to]) {
                    $this->agendas->away($state, $person, $from, $to);
                }
            }
            foreach ($this->list as $index) {
                $this->decoder->place($state, $index, $this->people[$index] ?? -1, 0);
            }
            $outcome->add($state, $isTraced, $this->draws->comings->causes);
        }
        // What is drawn after this is nobody’s to foresee.
        mt_srand();

        return $outcome;
    }

    /** Until when people are drawn to stay away: somewhat beyond the end of all that is planned. */
    private function until(): int
    {
        if ($this->doubts->people === []) {
            return 0;
        }
        $state = $this->decoder->empty();
        $state->plain = true;
        foreach ($this->list as $index) {
            $this->decoder->place($state, $index, $this->people[$index] ?? -1, 0);
        }

        return ($state->finish === [] ? $this->tables->now : max($state->finish)) + self::BEYOND;
    }
}
