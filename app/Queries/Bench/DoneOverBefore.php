<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Models\Build\Operation;
use App\Pages\Gate\UsualRework;
use Regimen\Route\Operations\StepKey;
use Regimen\Units\Duration;

/** What this house did over at the same operation before, with the hours it was given. */
final class DoneOverBefore
{
    private const MOST = 3;

    /** @return list<UsualRework> the latest first, each name once */
    public static function at(Operation $operation): array
    {
        $key = StepKey::reworked($operation->key) ?? $operation->key;
        $before = Operation::query()->where('key', 'like', 'rework.%')->where('build_id', '!=', $operation->build_id)
            ->orderByDesc('id')->limit(200)->get(['id', 'key', 'name', 'labour_minutes', 'hold_minutes'])
            ->filter(static fn (Operation $one): bool => StepKey::reworked($one->key) === $key)->unique('name')->take(self::MOST);

        return array_values($before->map(static fn (Operation $one): UsualRework => new UsualRework(
            name: $one->name, labour: (string) Duration::ofMinutes($one->labour_minutes),
            hold: $one->hold_minutes === 0 ? '' : (string) Duration::ofMinutes($one->hold_minutes),
        ))->all());
    }

    /**
     * The usual ones, and the house's own behind them where they are others.
     *
     * @param  list<UsualRework>  $before
     * @param  list<UsualRework>  $usual
     * @return list<UsualRework>
     */
    public static function with(array $before, array $usual): array
    {
        $names = array_map(static fn (UsualRework $one): string => $one->name, $usual);

        return [...$usual, ...array_values(array_filter($before, static fn (UsualRework $one): bool => ! in_array($one->name, $names, true)))];
    }
}
