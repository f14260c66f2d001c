<?php

declare(strict_types=1);

namespace App\Planning\Route;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Build\RouteChange;
use App\Planning\House\House;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Logbook;
use App\Support\Say;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Stage;
use Regimen\Route\Standards\UnknownStandard;

/**
 * Where the next coat came too late for the one under it, sanding it in goes on the route between them.
 *
 * @phpstan-type Missed object{
 *     build_id: int, after_key: string, after_name: string, before_key: string, before_name: string,
 *     window_minutes: int, labour_done_at: string
 * }
 */
final readonly class RecoatWindows
{
    public const SCUFF = FinishOperation::Scuff->value;

    public function __construct(
        private House $house,
        private Drafting $drafting,
        private RouteSync $sync,
        private Logbook $logbook,
        private Clock $clock,
    ) {
    }

    public function close(): void
    {
        foreach ($this->missed() as $missed) {
            DB::transaction(function () use ($missed): void {
                $build = Build::query()->with('specification')->findOrFail($missed->build_id);
                $this->scuff($build, $missed);
            });
        }
    }

    /** @return list<Missed> */
    private function missed(): array
    {
        $rows = DB::table('operation_links as l')
            ->join('operations as before', 'before.id', '=', 'l.before_id')
            ->join('operations as after', 'after.id', '=', 'l.after_id')
            ->whereNotNull('l.window_minutes')
            ->where('after.state', OperationState::Open->value)
            ->whereNotNull('before.labour_done_at')
            ->whereIn('l.build_id', Build::query()->open()->select('id'))
            ->get(
                [
                    'l.build_id', 'l.window_minutes', 'after.key as after_key', 'after.name as after_name',
                    'before.key as before_key', 'before.name as before_name', 'before.labour_done_at',
                ],
            );
        $now = $this->clock->now()->getTimestamp();

        /** @var list<Missed> */
        return $rows->filter(
            static fn (object $row): bool => (
                new \DateTimeImmutable($row->labour_done_at, new \DateTimeZone('UTC'))
            )->getTimestamp()
                + 60 * $row->window_minutes < $now,
        )
            ->values()
            ->all();
    }

    /** @param  Missed  $missed */
    private function scuff(Build $build, object $missed): void
    {
        $key = "{$missed->after_key}.scuff";
        if (Operation::query()->where('build_id', $build->id)->where('key', $key)->exists()) {
            return;
        }
        try {
            $standard = $this->house->standards()->operation(FinishOperation::Scuff->value);
        } catch (UnknownStandard) {
            return;
        }
        $pieces = Operation::query()
            ->where('build_id', $build->id)
            ->where('key', $missed->after_key)
            ->firstOrFail()->pieces;
        $words = "The recoat window of “{$missed->before_name}”, ".Say::clockTime($missed->window_minutes)
            .", has closed before “{$missed->after_name}”: it is sanded in first.";
        RouteChange::query()->create([
            'build_id' => $build->id,
            'body' => [
                'kind' => 'add', 'key' => $key, 'name' => "{$standard->name}, before {$missed->after_name}",
                'stage' => Stage::Finish->value, 'pieces' => $pieces,
                'set_up' => $standard->setUp->minutes, 'labour' => $standard->hours->likely->minutes, 'hold' => 0,
                'skill' => $standard->skill->value,
                'station' => $standard->station, 'fixture' => $standard->fixture, 'after' => [$missed->before_key],
                'before' => [$missed->after_key],
            ],
            'words' => $words, 'reason' => 'recoat window missed', 'at' => $this->clock->now(),
        ]);
        $this->sync->apply($build, $this->drafting->draft(Revisions::read($build->specification)->orFail(), $build));
        $this->logbook->write($build, null, 'route', $words);
    }
}
