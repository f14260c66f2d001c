<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\House\Resource;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Problem\PersonHours;
use App\Planning\Problem\ShopProblem;
use Closure;
use Regimen\Route\Standards\Skill;
use Regimen\Schedule\Policy\Help;
use Regimen\Schedule\Policy\Variations;
use Regimen\Schedule\Policy\WhatWouldHelp;
use Regimen\Schedule\Problem\Problem;
use Regimen\Schedule\Time\WorkingHours;

/** Reads the shop once and asks the core what would help. */
final readonly class Helping
{
    public function __construct(private House $house, private ShopProblem $problem, private Standings $standings)
    {
    }

    /**
     * @param  (Closure(int, int): void)|null  $progress  told how many were tried of how many
     * @return list<Help> the most helpful first
     */
    public function ranked(?Closure $progress = null): array
    {
        $problem = $this->problem->assemble();

        return (new WhatWouldHelp($problem, $this->standings->read(), $this->variations($problem)))->ranked($progress);
    }

    /** What is tried of a problem. */
    public function variations(Problem $problem): Variations
    {
        $owned = Resource::query()->where('capacity', '>', 0)->orderBy('id')->pluck('key')->all();
        $skills = array_map(static fn (Skill $skill): string => $skill->value, Skill::cases());

        return new Variations($problem, array_values($owned), $skills, $this->hours(), $this->house->zone());
    }

    /** @return array<int, WorkingHours> by person */
    private function hours(): array
    {
        $hours = [];
        foreach (Person::query()->with(PersonHours::days())->get() as $person) {
            $hours[$person->id] = $this->house->hoursOf($person);
        }

        return $hours;
    }
}
