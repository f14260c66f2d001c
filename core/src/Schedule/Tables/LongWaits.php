<?php

declare(strict_types=1);

namespace Regimen\Schedule\Tables;

/** Over a long wait, what lasted longest is what made it late, not what was over last. */
final class LongWaits
{
    /** A day: for less, what is over last is reason enough. */
    private const LONG = 1_440;

    /** @var array<int, int> by activity: in which order it was placed */
    private readonly array $position;

    /** @var array<int, list<array{int, bool}>> by resource: who has it, and whether through the hold */
    private array $users = [];

    /** @var array<int, list<int>> by person: what they do */
    private array $doings = [];

    /** @param  list<int>  $list  in which order the activities were placed */
    public function __construct(private readonly Tables $tables, private readonly State $state, array $list)
    {
        $this->position = array_flip($list);
        foreach ($state->person as $index => $person) {
            $this->doings[$person][] = $index;
            foreach ($tables->demands[$index] as [, $resource, , $through]) {
                $this->users[$resource][] = [$index, $through];
            }
        }
    }

    /** @return array{int, int, int} the wait, for which activity and for which resource; −1 for none */
    public function reason(int $index): array
    {
        $state = $this->state;
        $asIs = [$state->wait[$index], $state->for[$index], $state->of[$index]];
        $start = $state->start[$index];
        $since = $this->linked($index);
        if ($start - $since <= self::LONG || in_array($asIs[0], [Wait::STARTED, Wait::AWAY, Wait::SET_UP, Wait::SITTING], true)) {
            return $asIs;
        }
        [$ready, $clear, $taken] = $state->long[$index] ?? [$start, $start, -1];
        $lasted = [
            'before' => $this->tables->earliest[$index] - $since,
            'resource' => $taken >= 0 ? $clear - $ready : 0,
            'person' => $start - $clear,
        ];
        $longest = max($lasted);

        return match (true) {
            $longest <= 0 => $asIs,
            $lasted['before'] === $longest => [$this->tables->because[$index], -1, -1],
            $lasted['resource'] === $longest => $this->taken($index, $taken, $ready, $clear) ?? $asIs,
            default => $this->busy($index, $clear, $start) ?? $asIs,
        };
    }

    /** When everything before it was over. */
    private function linked(int $index): int
    {
        $since = $this->tables->now;
        foreach ($this->tables->before[$index] as [$before, $lag]) {
            $since = max($since, ($this->state->finish[$before] ?? 0) + $lag);
        }

        return $since;
    }

    /** @return array{int, int, int}|null whoever had the resource longest in between */
    private function taken(int $index, int $resource, int $from, int $to): ?array
    {
        $longest = 0;
        $who = null;
        foreach ($this->users[$resource] ?? [] as [$other, $through]) {
            $until = $through ? $this->state->finish[$other] : $this->state->workEnd[$other];
            $lasted = min($to, $until) - max($from, $this->state->start[$other]);
            if ($lasted > $longest && $this->isBefore($other, $index)) {
                [$longest, $who] = [$lasted, $other];
            }
        }
        $down = 0;
        foreach ($this->tables->resources->outages[$resource] as $outage) {
            $down = max($down, min($to, $outage->to) - max($from, $outage->from));
        }

        return match (true) {
            $down > $longest => [Wait::OUTAGE, -1, $resource],
            $who === null => null,
            default => [Wait::RESOURCE, $who, $resource],
        };
    }

    /** @return array{int, int, int}|null what the person did longest in between, in clock time */
    private function busy(int $index, int $from, int $to): ?array
    {
        $longest = 0;
        $who = null;
        foreach ($this->doings[$this->state->person[$index]] as $other) {
            $end = $this->state->workEnd[$other];
            if ($end - $from <= $longest || $this->state->start[$other] >= $to || ! $this->isBefore($other, $index)) {
                continue;
            }
            $sittings = $this->state->sittings[$other] ?? [[$this->state->start[$other], $end]];
            $lasted = 0;
            foreach ($sittings as [$begin, $end]) {
                $lasted += max(0, min($to, $end) - max($from, $begin));
            }
            if ($lasted > $longest) {
                [$longest, $who] = [$lasted, $other];
            }
        }

        return $who === null ? null : [Wait::PERSON, $who, -1];
    }

    /** Only what was placed before can have been in the way. */
    private function isBefore(int $other, int $index): bool
    {
        return isset($this->state->start[$other]) && $this->position[$other] < $this->position[$index];
    }
}
