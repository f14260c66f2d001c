<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Models\Bench\BenchNote;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use App\Models\Setback\Setback;
use App\Support\Say;
use Illuminate\Support\Collection;

/** What happened at each operation when the same instrument was made before: what went wrong, what was noted, where hours ran over. */
final class LastTime
{
    /** An operation ran over from so much more than was estimated, and from so many minutes (house convention). */
    private const OVER = 1.2;

    private const LEAST = 20;

    /** @return array<string, string> by operation’s key; empty where it is made for the first time */
    public static function of(Build $build): array
    {
        if ($build->repeats_id === null) {
            return [];
        }
        $number = Build::query()->whereKey($build->repeats_id)->value('number');
        $operations = Operation::query()->where('build_id', $build->repeats_id)->get(['id', 'key', 'set_up_minutes', 'labour_minutes']);
        $ids = $operations->pluck('id');
        $worked = TimeEntry::query()->whereIn('operation_id', $ids)->whereNull('struck_at')->whereNotNull('minutes')->groupBy('operation_id')->selectRaw('operation_id, sum(minutes) as minutes')->pluck('minutes', 'operation_id');
        $wrong = Setback::query()->whereIn('operation_id', $ids)->orderBy('id')->get()->toBase()->groupBy('operation_id');
        $notes = BenchNote::query()->whereIn('operation_id', $ids)->orderBy('id')->get()->toBase()->groupBy('operation_id');
        $words = [];
        foreach ($operations as $one) {
            $minutes = (int) ($worked[$one->id] ?? 0);
            $planned = $one->set_up_minutes + $one->labour_minutes;
            $all = [
                ...($wrong->get($one->id) ?? new Collection)->map(static fn (Setback $setback): string => $setback->mishap->words().($setback->text === '' ? '' : ", “{$setback->text}”"))->all(),
                ...($notes->get($one->id) ?? new Collection)->map(static fn (BenchNote $note): string => "“{$note->text}”")->all(),
                ...$minutes > self::OVER * $planned && $minutes - $planned >= self::LEAST ? [Say::duration($minutes).' where '.Say::duration($planned).' were planned'] : [],
            ];
            if ($all !== []) {
                $words[$one->key] = "Last time, No. {$number}: ".implode('; ', $all).'.';
            }
        }

        return $words;
    }
}
