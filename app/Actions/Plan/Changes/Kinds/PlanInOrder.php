<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes\Kinds;

use App\Actions\Plan\Changes\Body;
use App\Actions\Plan\Changes\Change;
use App\Actions\Plan\Changes\InPlan;
use App\Actions\Plan\Changes\OfShop;
use App\Actions\Plan\Changes\Tools;
use App\Models\Build\Build;
use App\Models\People\Person;
use App\Models\Plan\PlanEntry;
use App\Models\Plan\PlanOffer;
use App\Support\Minutes;
use App\Support\Say;
use Regimen\Schedule\Problem\ActivityId;

/** The shop is planned in the order of a better plan that was offered; or in the order that it had before. */
final readonly class PlanInOrder implements Change
{
    use InPlan, OfShop;

    /**
     * @param  int|null  $offer  null for the order that was before one
     * @param  array<int, int>  $pushed  days by build
     */
    public function __construct(private ?int $offer, private array $pushed = [])
    {
    }

    public static function kind(): string
    {
        return 'order';
    }

    public static function read(Body $body, Tools $tools): self
    {
        return new self($body->maybeWhole('offer'), $body->wholes('pushed'));
    }

    public function body(): array
    {
        return ['kind' => self::kind(), 'offer' => $this->offer, 'pushed' => $this->pushed];
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
        $back = new self(
            null,
            Build::query()->open()->where('push_days', '!=', 0)->pluck('push_days', 'number')->all(),
        );
        // The plan that was offered is in force as if it had been made: the next one goes on from it.
        foreach ($this->offer()->announced ?? [] as $activity => $one) {
            PlanEntry::query()
                ->where('operation_id', ActivityId::operationOf($activity))
                ->update([
                    'position' => $one->position, 'is_chosen' => $one->isChosen, 'person_id' => $one->worker,
                    'start' => Minutes::toInstant($one->start)->toDateTimeString(), 'announced_start' => null,
                ]);
        }
        // What was pushed is in the order of an offer, and counts no more.
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

    private static function day(?string $day): string
    {
        return $day === null ? 'no day' : Say::day($day);
    }
}
