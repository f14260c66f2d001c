<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Pages\Build\BuildsProps;
use App\Pages\Build\FinishedBuild;
use App\Pages\Build\OpenBuild;
use Regimen\Route\Operations\Operations;

/** All builds: the open ones with their outlook, the finished ones with what they took. */
final readonly class BuildsPage
{
    private const FINISHED_SHOWN = 60;

    public function __construct(private OpenBuilds $builds)
    {
    }

    public function data(): BuildsProps
    {
        $open = $this->builds->all();

        return new BuildsProps(
            open: array_values($open
                ->map(
                    fn (Build $build): OpenBuild => new OpenBuild(
                        BuildLines::line($build, $this->builds->outlook($build)), stage: $this->stage($build),
                    ),
                )
                ->all()),
            finished: array_values(Build::query()
                ->where('status', '!=', BuildStatus::Open->value)
                ->select('builds.*')
                ->selectSub($this->worked(), 'worked_minutes')
                ->orderByDesc('finished_at')
                ->limit(self::FINISHED_SHOWN)
                ->get()
                ->map(static fn (Build $build): FinishedBuild => new FinishedBuild(
                    number: $build->number,
                    title: $build->title,
                    calledOff: $build->status === BuildStatus::CalledOff,
                    writtenOff: $build->status === BuildStatus::WrittenOff,
                    finishedAt: (string) $build->finished_at?->toIso8601ZuluString(),
                    promisedOn: $build->promised_on,
                    estimatedMinutes: $build->estimated_minutes,
                    workedMinutes: (int) $build->getAttribute('worked_minutes'),
                ))->all()),
        );
    }

    private function stage(Build $build): string
    {
        $next = $build->operations->first(
            static fn (Operation $operation): bool => ! $operation->state->labourIsDone(),
        );

        return $next === null ? 'all done' : Operations::stageWords($next->key, $next->stage);
    }

    /** @return \Illuminate\Database\Query\Builder */
    private function worked(): mixed
    {
        return \App\Models\People\TimeEntry::query()
            ->join('operations', 'operations.id', '=', 'time_entries.operation_id')
            ->whereColumn('operations.build_id', 'builds.id')
            ->whereNull('struck_at')->whereNull('time_entries.setback_id')->whereNull('time_entries.piece_id')
            ->selectRaw('sum(time_entries.minutes)')
            ->toBase();
    }
}
