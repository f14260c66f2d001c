<?php

declare(strict_types=1);

namespace App\Queries\Setback;

use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use App\Pages\Setback\CauseGroup;
use App\Pages\Setback\CauseRow;
use App\Pages\Setback\SetbackLine;
use App\Pages\Setback\SetbacksProps;
use App\Planning\House\House;
use App\Queries\House\ResourceNames;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\Operations;
use Regimen\Setback\Rates;
use Regimen\Units\Words;

/** What went wrong, what comes back, and the loss account. */
final readonly class SetbacksPage
{
    private const SHOWN = 100;

    private const LOOKED_AT = 2_000;

    private const BY_PERSON = 'By who was at it';

    public function __construct(private House $house, private ResourceNames $stations, private Clock $clock)
    {
    }

    public function data(Person $viewer): SetbacksProps
    {
        $all = Setback::query()->with(['build:id,number,title', 'person:id,name', 'worker:id,name', 'operation:id,name'])->where('state', '!=', SetbackState::Withdrawn->value)->orderByDesc('at')->orderByDesc('id')->limit(self::LOOKED_AT)->get();
        $losses = Losses::bySetback();
        $open = $all->where('state', SetbackState::Open)->count();
        $year = $all->filter(fn (Setback $one): bool => $one->at >= $this->clock->now()->subYear());
        $minutes = $year->sum(static fn (Setback $one): int => $losses[$one->id]['minutes'] ?? 0);
        $money = $year->sum(static fn (Setback $one): int => ($losses[$one->id]['labour'] ?? 0) + $one->lost_material_minor);

        return new SetbacksProps(
            headline: match (true) {
                $open === 1 => 'One thing is wrong and not decided',
                $open > 1 => "{$open} things are wrong and not decided",
                $all->isEmpty() => 'Nothing has gone wrong yet',
                default => 'Nothing waits to be decided',
            },
            account: $year->isEmpty() ? '' : Say::count($year->count(), 'setback').' within a year'
                .($minutes > 0 ? ': '.Say::duration($minutes).' of work lost' : '')
                .($viewer->isManager() && $money > 0 ? ', '.$this->house->money($money)->plain().' in the loss account' : '').'. None of it is in the cost of a build.',
            groups: $this->groups($year, $losses, $viewer),
            lines: array_values($all->sortBy(static fn (Setback $one): int => $one->state === SetbackState::Open ? 0 : 1)->take(self::SHOWN)
                ->map(fn (Setback $one): SetbackLine => $this->row($one, $losses, $viewer))->all()),
        );
    }

    /** @param  array<int, array{minutes: int, labour: int}>  $losses */
    private function row(Setback $one, array $losses, Person $viewer): SetbackLine
    {
        $money = ($losses[$one->id]['labour'] ?? 0) + $one->lost_material_minor;

        return new SetbackLine(
            id: $one->id, build: $one->build->number, title: $one->build->title, text: $one->text,
            where: implode(', ', array_filter([$one->operation->name ?? '', $one->piece->value ?? ''])), state: $one->state->value, decided: $one->remedy_words,
            minutes: $losses[$one->id]['minutes'] ?? 0, money: $viewer->isManager() && $money > 0 ? $this->house->money($money)->plain() : null,
            by: $one->person->name, at: $one->at->toIso8601ZuluString(),
        );
    }

    /**
     * @param  Collection<int, Setback>  $year
     * @param  array<int, array{minutes: int, labour: int}>  $losses
     * @return list<CauseGroup>
     */
    private function groups(Collection $year, array $losses, Person $viewer): array
    {
        $stations = $this->stations->all();
        $times = $this->timesDone();
        $rates = Rates::ofHouse($year->where('operation_key', '!=', '')->count(), array_sum($times));
        $groups = [];
        foreach ([
            'By operation' => static fn (Setback $one): string => $one->operation_key,
            'By cause' => static fn (Setback $one): string => $one->cause->words(),
            self::BY_PERSON => static fn (Setback $one): string => $one->worker->name ?? '',
            'By station' => static fn (Setback $one): string => $stations[$one->station] ?? $one->station,
            'By timber' => static fn (Setback $one): string => $one->timber,
        ] as $name => $by) {
            // Who slips is between them and the manager.
            if ($name === self::BY_PERSON && ! $viewer->isManager()) {
                continue;
            }
            $rows = [];
            foreach ($year->groupBy($by) as $key => $ones) {
                if ((string) $key !== '') {
                    $rows[] = $this->cause((string) $key, $ones, $losses, $viewer, $name === 'By operation' ? [$rates, $times[(string) $key] ?? 0] : null);
                }
            }
            usort($rows, static fn (CauseRow $a, CauseRow $b): int => [$b->minutes, $b->count] <=> [$a->minutes, $a->count]);
            $rows === [] || $groups[] = new CauseGroup($name, $rows);
        }

        return $groups;
    }

    /**
     * @param  Collection<int, Setback>  $ones
     * @param  array<int, array{minutes: int, labour: int}>  $losses
     * @param  array{Rates, int}|null  $rate  with how often it was done
     */
    private function cause(string $key, Collection $ones, array $losses, Person $viewer, ?array $rate): CauseRow
    {
        $money = $ones->sum(static fn (Setback $one): int => ($losses[$one->id]['labour'] ?? 0) + $one->lost_material_minor);
        $chance = $rate === null ? null : $rate[0]->chance($ones->count(), $rate[1]);
        $known = Operations::find($key);

        return new CauseRow(
            name: $rate === null ? $key : ($known === null ? $ones->first()->operation->name ?? $key : Operations::entry($known)->name),
            count: $ones->count(), minutes: $ones->sum(static fn (Setback $one): int => $losses[$one->id]['minutes'] ?? 0),
            money: $viewer->isManager() && $money > 0 ? $this->house->money($money)->plain() : null,
            perHundred: $chance === null ? null : round(100 * $chance, 1),
            because: $rate === null ? '' : $ones->count()." of {$rate[1]} times; where little is known the mean of the house counts as twelve more: ".Words::number(100 * $chance).' in a hundred.',
        );
    }

    /** @return array<string, int> how often each operation was done within a year, by its key */
    private function timesDone(): array
    {
        return Operation::query()->where('labour_done_at', '>=', $this->clock->now()->subYear()->toDateTimeString())
            ->groupBy('key')->pluck(DB::raw('count(*)'), 'key')->map(static fn (mixed $count): int => (int) $count)->all();
    }
}
