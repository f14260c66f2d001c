<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Actions\Plan\Changes\Change;
use App\Actions\Plan\Trial;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Pages\Trying\BuildStanding;
use App\Pages\Trying\Effect;
use App\Pages\Trying\EffectOnBuild;
use App\Pages\Trying\EffectOnPerson;
use App\Pages\Trying\MovedOperation;
use App\Planning\Plan\Outlooks;
use App\Queries\Build\BuildLines;
use App\Support\Minutes;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Forecast\Verdict;
use Regimen\Schedule\Plan\Assignment;
use Regimen\Schedule\Plan\Trouble;
use Regimen\Schedule\Plan\Troubles;
use Regimen\Schedule\Policy\Planned;
use Regimen\Schedule\Problem\ActivityId;
use Regimen\Schedule\Problem\BuildId;

/** What changes would do: by build and by person, beside the plan that is in force. */
final readonly class Difference
{
    private const THIS_WEEK = 10_080;

    private const MOST_MOVES = 12;

    /** Minutes by which nobody minds being later or sooner. */
    private const HARDLY = 30;

    public function __construct(private Trial $trial, private Outlooks $outlooks, private MovedPayments $payments)
    {
    }

    /**
     * @param  list<Change>  $changes
     * @param  bool  $everyBuild  also those for which nothing changes
     * @param  bool  $withMoney  also which payments would come on another day
     */
    public function of(array $changes, bool $everyBuild = false, bool $withMoney = false): Effect
    {
        return $this->trial->of($changes, function (
            Planned $before,
            Planned $after,
            Collection $builds,
            array $words,
        ) use ($everyBuild, $withMoney): Effect {
            $all = $this->builds($before, $after, $builds);
            $changed = array_values(array_filter($all, static fn (EffectOnBuild $one): bool => $one->isNew || $one->before != $one->after));

            return new Effect(
                words: $words,
                headline: self::headline($changed),
                builds: $everyBuild ? $all : $changed,
                people: $this->people($before, $after, $builds),
                troubles: self::troubles($before, $after),
                money: $withMoney ? $this->payments->moved($before, $after) : [],
            );
        });
    }

    /**
     * @param  Collection<int, Build>  $builds
     * @return list<EffectOnBuild>
     */
    private function builds(Planned $before, Planned $after, Collection $builds): array
    {
        $all = [];
        foreach ($builds as $build) {
            $was = $before->finish(BuildId::of($build->id)->number);
            $is = $after->finish(BuildId::of($build->id)->number);
            $due = $before->problem->dues[BuildId::of($build->id)->number] ?? null;
            $isNew = $due === null;
            $old = $this->outlook($build, $was, $due?->instant);
            $new = $this->outlook($build, $is, $after->problem->dues[BuildId::of($build->id)->number]->instant ?? null);
            $all[] = new EffectOnBuild(
                number: $build->number,
                title: $build->title,
                isNew: $isNew,
                before: $isNew ? null : $old,
                after: $new,
                gained: ! $isNew && $old->late && ! $new->late,
                broken: $new->late && ! $old->late,
            );
        }

        return $all;
    }

    private function outlook(Build $build, ?int $finish, ?int $due): BuildStanding
    {
        $zone = $this->outlooks->zone();
        $promise = $due === null ? null : Minutes::toInstant($due)->setTimezone($zone)->toDateString();
        $instant = $finish === null ? null : Minutes::toInstant($finish);
        $outlook = $this->outlooks->of((clone $build)->setAttribute('promised_on', $promise), $instant);

        return new BuildStanding(
            finish: $instant?->setTimezone($zone)->toDateString(),
            promise: $promise,
            slack: BuildLines::slackWords($outlook),
            late: $outlook->verdict === Verdict::Late || $outlook->verdict === Verdict::Unplanned,
        );
    }

    /** @param  list<EffectOnBuild>  $changed */
    private static function headline(array $changed): string
    {
        $gained = count(array_filter($changed, static fn (EffectOnBuild $one): bool => $one->gained));
        $broken = count(array_filter($changed, static fn (EffectOnBuild $one): bool => $one->broken));

        return match (true) {
            $broken > 0 => ($broken === 1 ? 'One promise would break' : "{$broken} promises would break")
                .($gained === 0 ? '' : ', and '.($gained === 1 ? 'one more be kept' : "{$gained} more be kept")),
            $gained > 0 => $gained === 1 ? 'One promise more would be kept' : "{$gained} promises more would be kept",
            $changed === [] => 'No build would finish on another day',
            default => 'No promise would break; '.Say::count(count($changed), 'finish', 'finishes').' would move',
        };
    }

    /**
     * @param  Collection<int, Build>  $builds
     * @return list<EffectOnPerson> what would be another in the
     *   coming seven days
     */
    private function people(Planned $before, Planned $after, Collection $builds): array
    {
        $until = $before->problem->now + self::THIS_WEEK;
        $near = static fn (?Assignment $one): ?Assignment => $one !== null && $one->worker !== null
            && $one->start < $until
            ? $one
            : null;
        $moves = [];
        foreach ($after->plan->assignments + $before->plan->assignments as $id => $any) {
            $was = $near($before->plan->assignments[$id] ?? null);
            $is = $near($after->plan->assignments[$id] ?? null);
            $isHardlyMoved = $was !== null && $is !== null && abs($was->start - $is->start) < self::HARDLY;
            if ($was?->worker === $is?->worker && ($isHardlyMoved || $was === $is)) {
                continue;
            }
            foreach (array_unique(array_filter([$was?->worker, $is?->worker])) as $person) {
                $moves[$person][$id] = [$was?->worker === $person ? $was : null, $is?->worker === $person ? $is : null];
            }
        }

        return $this->lines($moves, $builds);
    }

    /**
     * @param  array<int, array<int|string, array{Assignment|null, Assignment|null}>>  $moves
     * @param  Collection<int, Build>  $builds
     * @return list<EffectOnPerson>
     */
    private function lines(array $moves, Collection $builds): array
    {
        $ids = array_map(
            static fn (int|string $id): int => (int) ActivityId::operationOf($id),
            array_merge(...array_map(array_keys(...), array_values($moves))),
        );
        $operations = Operation::query()->whereIn('id', $ids)->get()->toBase()->keyBy('id');
        $numbers = $builds->pluck('number', 'id');
        $people = [];
        foreach (Person::query()->whereIn('id', array_keys($moves))->orderBy('id')->get() as $person) {
            $all = [];
            foreach ($moves[$person->id] as $id => [$was, $is]) {
                $operation = $operations->get((int) ActivityId::operationOf($id));
                if ($operation !== null) {
                    $all[] = new MovedOperation(
                        words: "{$numbers->get($operation->build_id)} {$operation->name}",
                        from: $was === null ? null : Placement::iso($was->start),
                        to: $is === null ? null : Placement::iso($is->start),
                    );
                }
            }
            usort($all, static fn (MovedOperation $a, MovedOperation $b): int => ($a->to ?? $a->from) <=> ($b->to ?? $b->from));
            $people[] = new EffectOnPerson(
                person: $person->name,
                moves: array_slice($all, 0, self::MOST_MOVES),
                more: max(0, count($all) - self::MOST_MOVES),
            );
        }

        return $people;
    }

    /** @return list<string> what could not be done as asked that could be before */
    private static function troubles(Planned $before, Planned $after): array
    {
        $words = static fn (Planned $planned): array => array_map(
            static fn (Trouble $one): string => $one->words, Troubles::find($planned->problem, $planned->plan),
        );

        return array_values(array_unique(array_diff($words($after), $words($before))));
    }
}
