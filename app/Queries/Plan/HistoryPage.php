<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Build\Build;
use App\Pages\Plan\BuildHistory;
use App\Pages\Plan\FinishMove;
use App\Pages\Plan\HistoryProps;
use App\Planning\House\House;
use App\Support\ClientNames;
use App\Support\Minutes;
use App\Support\Say;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Regimen\Schedule\Plan\Slack;

/** How the planned finishes have moved: when, by how much, and because of what. */
final readonly class HistoryPage
{
    private const MOST = 40;

    public function __construct(private House $house, private ClientNames $names)
    {
    }

    public function data(): HistoryProps
    {
        $moves = $this->moves()->groupBy('build_id');
        $builds = Build::query()->open()->orderBy('number')->get()->toBase()
            ->map(fn (Build $build): BuildHistory => $this->build($build, $moves->get($build->id, new Collection)))->values();
        $slipped = $builds->where('slips', '>', 0);

        return new HistoryProps(
            heading: $slipped->isEmpty()
                ? 'No finish has slipped so far'
                : ($slipped->count() === 1 ? 'One finish has slipped' : "{$slipped->count()} finishes have slipped"),
            builds: array_values($builds->sortByDesc('days')->all()),
        );
    }

    /** @return Collection<int, \stdClass> where a plan puts the finish on another day than the plan before did */
    private function moves(): Collection
    {
        $each = DB::table('planned_finishes as f')->join('plans as p', 'p.id', '=', 'f.plan_id')
            ->whereIn('f.build_id', Build::query()->open()->select('id'))
            ->select(['f.build_id', 'f.plan_id', 'f.finish', 'p.made_at', 'p.cause'])
            ->selectRaw(
                'LAG(f.finish) OVER (PARTITION BY f.build_id ORDER BY f.plan_id) AS before_finish, ROW_NUMBER() OVER '
                    .'(PARTITION BY f.build_id ORDER BY f.plan_id) AS number',
            );

        return DB::query()
            ->fromSub($each, 'each')
            ->where(static fn ($query) => $query->where('number', 1)->orWhereRaw('finish IS NOT before_finish'))
            ->orderBy('plan_id')
            ->get();
    }

    /**
     * @param  Collection<int, \stdClass>  $moves
     */
    private function build(Build $build, Collection $moves): BuildHistory
    {
        $steps = [];
        $first = null;
        $at = null;
        foreach ($moves as $move) {
            $day = $this->day($move->finish);
            if ($steps !== [] && $day === $at) {
                continue;
            }
            $days = $at === null || $day === null ? null : Slack::inDays($at, $day, $this->house->hours());
            $steps[] = new FinishMove(
                at: Placement::iso(Minutes::ofColumn((string) $move->made_at)),
                cause: $this->names->said((string) $move->cause),
                finish: $day,
                days: $days,
            );
            $first ??= $day;
            $at = $day;
        }
        $slips = array_filter($steps, static fn (FinishMove $one): bool => ($one->days ?? 0) > 0);
        $days = $first === null || $at === null ? 0 : Slack::inDays($first, $at, $this->house->hours());

        return new BuildHistory(
            number: $build->number,
            title: $build->title,
            slips: count($slips),
            days: $days,
            promisedOn: $build->promised_on,
            finish: $at,
            words: $this->words(count($slips), $days),
            moves: array_slice(array_reverse($steps), 0, self::MOST),
        );
    }

    private function words(int $slips, int $days): string
    {
        $all = $days === 0
            ? 'and stands where it began'
            : ($days > 0 ? 'later by ' : 'sooner by ').Say::count(abs($days), 'working day').' in all';

        return $slips === 0
            ? ($days < 0 ? $all : 'as first planned')
            : 'has slipped '.(['', 'once', 'twice'][$slips] ?? "{$slips} times").", {$all}";
    }

    private function day(?string $finish): ?string
    {
        return $finish === null
            ? null
            : (
                new \DateTimeImmutable($finish, new \DateTimeZone('UTC'))
            )->setTimezone($this->house->zone())->format('Y-m-d');
    }
}
