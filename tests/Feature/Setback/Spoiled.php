<?php

declare(strict_types=1);

namespace Tests\Feature\Setback;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use App\Models\Setback\Setback;
use App\Planning\Plan\BuildProgress;
use Illuminate\Support\Facades\DB;
use Regimen\Costing\KitState;
use Regimen\Route\OperationState;

/** Builds that are well under way: their parts are there, and on some operations was worked. */
trait Spoiled
{
    /** What is done before the fretboard is glued on. */
    private const BOARD = ['fretboard.thickness' => 45, 'fretboard.slots' => 65];

    private const NECK = ['neck.square' => 40, 'neck.channel' => 60, 'neck.outline' => 80];

    /**
     * @param  array<string, mixed>  $specification
     * @param  array<string, int>  $worked  minutes by operation, which are done
     */
    private function underWay(array $specification = [], array $worked = self::BOARD, string $promise = '2026-07-31'): Build
    {
        $build = $this->build($specification, $promise);
        KitLine::query()->where('build_id', $build->id)->update(['state' => KitState::Arrived->value, 'arrived_on' => '2026-03-10', 'cost_minor' => DB::raw('estimated_minor')]);
        Operation::query()->where('build_id', $build->id)->whereIn('stage', ['brief', 'design', 'parts'])->update(self::done());
        foreach ($worked as $key => $minutes) {
            $operation = $this->operation($build, $key);
            $operation->update([...self::done(), 'person_id' => $this->maker->id, 'gate_closed_at' => '2026-03-16 09:00:00']);
            TimeEntry::query()->create([
                'operation_id' => $operation->id, 'person_id' => $this->maker->id, 'worked_on' => '2026-03-16', 'minutes' => $minutes, 'rate_minor' => 3_000, 'source' => 'afterwards',
            ]);
        }
        KitLine::query()->where('build_id', $build->id)->where('group', 'fretboard-timber')->update(['used' => 1, 'state' => KitState::Used->value]);

        return $build->refresh();
    }

    /** @return array<string, mixed> */
    private static function done(): array
    {
        return ['state' => OperationState::Done->value, 'started_at' => '2026-03-16 08:00:00', 'labour_done_at' => '2026-03-16 09:00:00'];
    }

    /** @param  array<string, mixed>  $said */
    private function tell(Build $build, array $said = []): Setback
    {
        $this->actingAs($this->maker)->post("/builds/{$build->number}/setbacks", [
            'mishap' => 'slot-off', 'fret' => '9', 'text' => 'The ninth slot is sawn two millimetres off its place',
            'operation' => $this->operation($build, 'fretboard.slots')->id, ...$said,
        ])->assertSessionHasNoErrors()->assertRedirect();

        return Setback::query()->latest('id')->firstOrFail();
    }

    /** @param  array<string, mixed>  $remedy */
    private function decide(Setback $setback, array $remedy): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->manager)->post("/setbacks/{$setback->id}/decide", ['version' => $setback->refresh()->version, ...$remedy]);
    }

    /** @return array{build: int, lost: int} what a build has cost in labour and material, and what was lost on it, in cents */
    private function cost(Build $build): array
    {
        $build = Build::query()->with(['kit', 'operations'])->findOrFail($build->id);
        $entries = TimeEntry::query()->with('operation')->whereIn('operation_id', $build->operations->pluck('id'))->whereNull('struck_at')->get();
        $cost = app(BuildProgress::class)->cost($build, $entries);

        return ['build' => $cost->soFar()->minor, 'lost' => $cost->losses->minor];
    }
}
