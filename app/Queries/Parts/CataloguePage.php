<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\House\Price;
use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\Parts\StockLot;
use App\Models\Parts\StockMovement;
use App\Models\People\Person;
use App\Pages\Parts\CatalogueProps;
use App\Pages\Parts\PartInCatalogue;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Planning\Parts\Reserved;
use App\Planning\Parts\Usage;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Database\Eloquent\Builder;
use Regimen\Parts\PartGroup;

/** The house's parts: what is free of each, reserved, on its way, and at which it is ordered again. */
final readonly class CataloguePage
{
    private const SHOWN = 100;

    public const UNITS = ['piece', 'pair', 'set', 'm', 'ml', 'g', 'sheet', 'share'];

    public function __construct(private House $house, private Usage $usage, private Reserved $reserved, private Clock $clock)
    {
    }

    /** @param  string  $find  a part of a name, a kind or a drawer */
    public function data(Person $viewer, string $find): CatalogueProps
    {
        $today = $this->clock->today($this->house->zone());
        $found = self::found($find);
        $count = (clone $found)->count();
        $parts = $found->with(['offers.supplier', 'lots'])->orderBy('group')->orderBy('name')->limit(self::SHOWN)->get();
        $seen = StockMovement::query()->whereIn('part_id', $parts->modelKeys())->selectRaw('part_id, max(id) as last')->groupBy('part_id')->pluck('last', 'part_id');
        $lines = array_values($parts->map(fn (Part $one): PartInCatalogue => $this->line($one, $viewer, $today, (int) ($seen[$one->id] ?? 0)))->all());
        $short = count(array_filter($lines, static fn (PartInCatalogue $one): bool => $one->short));

        return new CatalogueProps(
            headline: $count === 0 && $find === '' ? 'The catalogue is empty' : ucfirst(Say::count($count, 'part')).($find === '' ? ' in the catalogue' : ' found').($short === 0 ? '' : ", {$short} short"),
            parts: $lines, find: $find, more: max(0, $count - count($lines)), groups: self::groups(), prices: $viewer->isManager() ? self::prices() : [], units: self::UNITS,
            value: $viewer->isManager() ? (string) $this->house->money((int) StockLot::query()->sum('left_minor')) : null,
        );
    }

    private function line(Part $one, Person $viewer, string $today, int $seen): PartInCatalogue
    {
        $at = $this->usage->reorderAt($one);
        $free = $one->free($today);
        $coming = $this->reserved->coming($one);

        return new PartInCatalogue(
            id: $one->id, name: $one->name, group: self::words($one->group), unit: $one->unit, place: $one->place, free: $free, reserved: $this->reserved->of($one), coming: $coming, reorderAt: $at === null ? null : round($at, 1),
            short: $at !== null && $free + $coming < $at, suppliers: $one->offers->map(static fn (PartOffer $offer): string => $offer->supplier->name)->implode(', '),
            value: $viewer->isManager() ? $this->house->money((int) $one->lots->sum('left_minor'))->plain() : null, seen: $seen,
        );
    }

    /** @return Builder<Part> */
    private static function found(string $find): Builder
    {
        return Part::query()->kept()->when($find !== '', static fn (Builder $parts): Builder => $parts->where(static fn (Builder $one): Builder => $one->whereLike('name', "%{$find}%")->orWhereLike('group', "%{$find}%")->orWhereLike('place', "%{$find}%")));
    }

    public static function words(PartGroup $group): string
    {
        return ucfirst((string) preg_replace('/^the /', '', $group->words()));
    }

    /** @return list<Option> */
    public static function groups(): array
    {
        return array_values(array_map(static fn (PartGroup $one): Option => new Option($one->value, self::words($one)), array_filter(PartGroup::cases(), static fn (PartGroup $one): bool => ! in_array($one, PartGroup::timber(), true))));
    }

    /** @return list<Option> */
    public static function prices(): array
    {
        return [new Option('', 'nothing of the price list'), ...Price::query()->where('key', 'not like', '%:%')->orderBy('id')->get()->toBase()->map(static fn (Price $one): Option => new Option($one->key, $one->name))->all()];
    }
}
