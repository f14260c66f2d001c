<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\Change;
use App\Actions\Plan\Changes\InPlan;
use App\Actions\Plan\Changes\OfShop;
use App\Actions\Plan\Changes\Tools;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Plan\PlanOffer;
use App\Support\Say;
use Regimen\Schedule\Problem\ActivityId;

/** The shop is planned in the order of a better plan that was offered; or in the order that it had before. */
final readonly class PlanInOrder implements Change
{
    use InPlan, OfShop;

    /**
     * @param  int|null  $offer  null for the order that was before one
     * @param  array<int, int>  $keys  by operation
     * @param  array<int, int>  $pushed  days by build
     */
    public function __construct(private ?int $offer, private array $keys = [], private array $pushed = [])
    {
    }

    public static function kind(): string
    {
        return 'order';
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self($body->maybeWhole('offer'), $body->wholes('keys'), $body->wholes('pushed'));
    }

    public function body(): array
    {
        return [
            'kind' => self::kind(), 'offer' => $this->offer, 'keys' => $this->keys, 'pushed' => $this->pushed,
        ];
    }

    public function words(): string
    {
        $offer = $this->offer();

        return $offer === null ? 'The order before it.' : 'A better plan taken: '.implode('; ', array_map(
            static fn (array $gain): string => "{$gain['number']} {$gain['title']} from ".self::day($gain['before'])
                .' to '.self::day($gain['after']),
            $offer->gains,
        )).'.';
    }

    public function make(?Person $by): self
    {
        $offer = $this->offer();
        $back = new self(
            null,
            Operation::query()->whereNotNull('plan_key')->pluck('plan_key', 'id')->all(),
            Build::query()->open()->where('push_days', '!=', 0)->pluck('push_days', 'number')->all(),
        );
        if ($offer === null) {
            Operation::query()->whereNotNull('plan_key')->update(['plan_key' => null]);
        }
        foreach ($offer === null ? $this->keys : self::byOperation($offer->keys) as $operation => $key) {
            Operation::query()->where('id', $operation)->update(['plan_key' => $key]);
        }
        // What was pushed is in the keys of an offer, and counts no more.
        Build::query()->open()->where('push_days', '!=', 0)->update(['push_days' => 0]);
        foreach ($this->pushed as $number => $days) {
            Build::query()->open()->where('number', $number)->update(['push_days' => $days]);
        }

        return $back;
    }

    private function offer(): ?PlanOffer
    {
        return $this->offer === null ? null : PlanOffer::query()->find($this->offer);
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
