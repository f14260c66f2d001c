<?php

declare(strict_types=1);

namespace App\Queries\Setback;

use App\Models\Bench\Instruction;
use App\Models\Build\Build;
use App\Models\Setback\Setback;
use App\Models\Setback\SetbackState;
use App\Pages\Setback\Again;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Database\Eloquent\Builder;

/** The same that went wrong before within a year: how often, what it cost, and because of what. */
final readonly class HappenedBefore
{
    private const ORDINAL = [2 => 'Second', 3 => 'Third', 4 => 'Fourth', 5 => 'Fifth', 6 => 'Sixth', 7 => 'Seventh', 8 => 'Eighth', 9 => 'Ninth', 10 => 'Tenth'];

    public function __construct(private Clock $clock)
    {
    }

    public function of(Setback $setback): ?Again
    {
        $since = $this->clock->now()->subYear();
        $same = Setback::query()->where('state', '!=', SetbackState::Withdrawn->value)->where('at', '>=', $since)->where('mishap', $setback->mishap)
            ->when($setback->operation_key !== '', static fn (Builder $query) => $query->where('operation_key', $setback->operation_key))
            ->orderBy('id')->get();
        $count = $same->count();
        if ($count < 2) {
            return null;
        }
        $losses = Losses::bySetback();
        $minutes = $same->sum(static fn (Setback $one): int => $losses[$one->id]['minutes'] ?? 0);
        $causes = $same->countBy(static fn (Setback $one): string => $one->cause->words())->sortDesc();
        $most = (int) $causes->first();
        $builds = Build::query()->where('ordered_at', '>=', $since->subMonths(6))->count();
        $instruction = $setback->operation_key === '' ? null : Instruction::query()->where('operation_key', $setback->operation_key)->orderByDesc('version')->first();

        return new Again(
            heading: (self::ORDINAL[$count] ?? "{$count}th").' time within a year',
            words: ucfirst($setback->mishap->words()).': '.($minutes > 0 ? Say::duration($minutes)." lost in {$builds} builds" : "{$count} times in {$builds} builds")
                .", {$most} of {$count} because of ".$causes->keys()->first().'.',
            operation: $setback->operation_id, seen: $setback->operation_id === null ? null : $instruction->version ?? 0, instruction: $instruction->text ?? '',
        );
    }
}
