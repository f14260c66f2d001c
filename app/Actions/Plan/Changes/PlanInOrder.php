<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Plan\PlanOffer;
use App\Support\Say;
use Regimen\Schedule\Problem\ActivityId;

/** The shop is planned in the order of a better plan that was offered; or in the order that it had before. */
final readonly class PlanInOrder implements Change
{
    public function __construct(private Body $body)
    {
    }

    public function words(): string
    {
        $offer = PlanOffer::query()->find($this->body->whole('offer'));

        return $offer === null ? 'The order before it.' : 'A better plan taken: '.implode('; ', array_map(
            static fn (array $gain): string => "{$gain['number']} {$gain['title']} from ".self::day($gain['before'])
                .' to '.self::day($gain['after']),
            $offer->gains,
        )).'.';
    }

    public function make(?Person $by): array
    {
        $offer = PlanOffer::query()->find($this->body->whole('offer'));
        $back = [
            'kind' => 'order',
            'keys' => Operation::query()->whereNotNull('plan_key')->pluck('plan_key', 'id')->all(),
            'pushed' => Build::query()->open()->where('push_days', '!=', 0)->pluck('push_days', 'number')->all(),
        ];
        if ($offer === null) {
            Operation::query()->whereNotNull('plan_key')->update(['plan_key' => null]);
        }
        foreach ($offer === null ? $this->body->list('keys') : self::byOperation($offer->keys) as $operation => $key) {
            Operation::query()->where('id', $operation)->update(['plan_key' => $key]);
        }
        // What was pushed is in the keys of an offer, and counts no more.
        Build::query()->open()->where('push_days', '!=', 0)->update(['push_days' => 0]);
        foreach ($this->body->list('pushed') as $number => $days) {
            Build::query()->open()->where('number', $number)->update(['push_days' => $days]);
        }

        return $back;
    }

    public function build(): ?Build
    {
        return null;
    }

    /**
     * @param  array<int|string, int>  $keys  by activity
     * @return array<int, int> by operation
     */
    private static function byOperation(array $keys): array
    {
        $found = [];
        foreach ($keys as $activity => $key) {
            $operation = ActivityId::operationOf($activity);
            if ($operation !== null) {
                $found[$operation] = $key;
            }
        }

        return $found;
    }

    private static function day(?string $day): string
    {
        return $day === null ? 'no day' : Say::day($day);
    }
}
