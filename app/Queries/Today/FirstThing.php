<?php

declare(strict_types=1);

namespace App\Queries\Today;

use App\Models\People\Person;
use App\Pages\Today\Arrival;
use App\Pages\Today\Decision;
use App\Pages\Today\PromiseInDanger;
use App\Pages\Today\ToDo;
use App\Support\Say;
use Regimen\Forecast\Verdict;

/** What to do first about what is the matter: the promise that breaks, the part that is overdue, the word that is missing. */
final class FirstThing
{
    /**
     * @param  list<PromiseInDanger>  $promises  the latest first
     * @param  list<Arrival>  $arrivals
     * @param  list<Decision>  $decisions
     */
    public function of(Person $viewer, array $promises, array $arrivals, array $decisions, string $today): ?ToDo
    {
        $worst = $promises[0] ?? null;
        $overdue = array_values(array_filter($arrivals, static fn (Arrival $one): bool => $one->late))[0] ?? null;
        $due = array_values(array_filter($decisions, static fn (Decision $one): bool => $one->until <= $today))[0] ?? null;

        return match (true) {
            $worst?->verdict === Verdict::Late => $this->promise($viewer, $worst),
            $worst?->verdict === Verdict::Unplanned => new ToDo(
                "No. {$worst->build}, {$worst->title}, cannot be planned.", 'See why', $this->build($worst->build),
            ),
            $overdue !== null => new ToDo(
                "Ask about {$overdue->names[0]} for No. {$overdue->build}, overdue since ".Say::day($overdue->expectedOn).'.',
                'Timber and parts', route('parts', absolute: false),
            ),
            $due !== null => new ToDo(
                "Ask about {$due->what} for No. {$due->build}; the answer was expected by ".Say::day($due->until).'.', 'Open it',
                $this->build($due->build),
            ),
            $worst !== null => $this->promise($viewer, $worst),
            default => null,
        };
    }

    private function promise(Person $viewer, PromiseInDanger $one): ToDo
    {
        $words = "No. {$one->build}, {$one->title}: {$one->words}.";

        return $viewer->isManager()
            ? new ToDo($words, 'See what would help', route('plan.help', absolute: false))
            : new ToDo($words, 'Open it', $this->build($one->build));
    }

    private function build(int $number): string
    {
        return route('builds.show', ['build' => $number], false);
    }
}
