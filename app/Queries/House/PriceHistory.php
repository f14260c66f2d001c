<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\House\HouseVersion;
use App\Models\House\Price;
use App\Models\Parts\PartOffer;
use App\Planning\House\House;
use App\Support\Say;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Regimen\Costing\KitState;
use Regimen\Units\Words;

/** What things cost before, and what another price does to kits that are still to be bought. */
final readonly class PriceHistory
{
    private const SHOWN = 4;

    public function __construct(private House $house)
    {
    }

    /** @return array<int, list<string>> the latest changes first, by the number of the price */
    public function all(): array
    {
        return HouseVersion::query()->where('record', (new Price)->getTable())->orderByDesc('id')->limit(500)->get()->toBase()
            ->filter(static fn (HouseVersion $one): bool => ($one->before['cost_minor'] ?? null) !== ($one->after['cost_minor'] ?? null))
            ->groupBy('record_id')->map(fn (Collection $ofOne): array => array_values($ofOne->take(self::SHOWN)->map($this->words(...))->all()))->all();
    }

    private function words(HouseVersion $one): string
    {
        [$before, $after] = [(int) ($one->before['cost_minor'] ?? 0), (int) ($one->after['cost_minor'] ?? 0)];
        $share = $before === 0 ? '' : ', '.($after >= $before ? '+' : '−').Words::number(abs($after - $before) / $before * 100).' %';

        return "{$this->house->money($before)->plain()} until ".Say::dayAndYear($one->at->setTimezone($this->house->zone())->toDateString()).$share;
    }

    /** What a new price means for what open builds are still to buy of it; their kits keep the price they were made with. */
    public function rise(Price $price, int $before): string
    {
        return $this->effect($price->cost_minor - $before, static fn ($line) => $line->where('name', $price->name)->orWhereLike('name', "{$price->name} for %"));
    }

    /** The same for what a supplier asks for a part of the catalogue. */
    public function riseAt(PartOffer $offer, int $before): string
    {
        $part = $offer->part;

        return $this->effect($offer->cost_minor - $before, static fn ($line) => $line->where('part_id', $part->id)->orWhere(
            static fn ($same) => $same->where('name', $part->name)->where('group', $part->group->value)->where('unit', $part->unit),
        ));
    }

    /** @param  Closure(Builder<KitLine>): Builder<KitLine>  $lines */
    private function effect(int $rise, Closure $lines): string
    {
        $lines = KitLine::query()->where('state', KitState::Needed->value)->where('surplus', false)->whereIn('build_id', Build::query()->open()->select('id'))->where($lines)->get(['build_id', 'quantity']);
        $more = (int) round($lines->sum('quantity') * $rise);
        if ($lines->isEmpty() || $more === 0) {
            return '';
        }
        $builds = Say::count($lines->pluck('build_id')->unique()->count(), 'build in the making still needs it', 'builds in the making still need it');

        return ucfirst("{$builds}: ").$this->house->money(abs($more))->plain().($more > 0 ? ' more' : ' less').' than it was quoted at.';
    }
}
