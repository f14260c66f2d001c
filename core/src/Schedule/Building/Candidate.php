<?php

declare(strict_types=1);

namespace Regimen\Schedule\Building;

use Regimen\Schedule\Tables\Tables;

/** What a schedule is made from: in which order, and by whom where that is chosen. By the activities' numbers. */
final readonly class Candidate
{
    /**
     * @param  array<int, int>  $keys  the smallest goes first
     * @param  array<int, int>  $people  who is to do it; whoever is done first where nobody is given
     * @param  array<int, int>  $announcedStart  not before these instants, since people were told so
     */
    public function __construct(public array $keys, public array $people = [], public array $announcedStart = [])
    {
    }

    /**
     * @param  array<int, int>  $keys
     * @param  array<int, int>  $people
     */
    public function with(array $keys, array $people): self
    {
        return new self($keys, $people, $this->announcedStart);
    }

    /**
     * @param  array<int|string, int>  $keys  by the activity's identity
     * @param  array<int|string, int>  $people  the person's own number, by the activity's identity
     */
    public static function of(Tables $tables, array $keys, array $people = []): self
    {
        $chosen = [];
        foreach ($people as $id => $person) {
            $index = $tables->index[$id] ?? null;
            $who = $tables->people->index[$person] ?? null;
            if ($index !== null && $who !== null && count($tables->able[$index]) > 1) {
                $chosen[$index] = $who;
            }
        }

        return new self(
            array_map(static fn (int|string $id): int => $keys[$id] ?? 0, array_keys($tables->index)),
            $chosen,
        );
    }
}
