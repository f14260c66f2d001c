<?php

declare(strict_types=1);

namespace App\Planning\Parts;

use App\Models\Build\KitLine;
use App\Models\House\Price;
use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\Parts\Supplier;
use Regimen\Parts\PartGroup;

/** The house's parts as kits know them: the catalogue fills itself from what is bought. */
final class Catalogue
{
    /** What is cut from boards or stands for a finish system is no part. */
    public static function isPart(PartGroup $group, string $unit): bool
    {
        return ! in_array($group, PartGroup::timber(), true) && ! in_array($unit, [KitLine::CUT_HERE, KitLine::DONE_ELSEWHERE], true);
    }

    public static function find(KitLine $line): ?Part
    {
        $name = self::plain($line->name);

        return $line->part_id !== null ? Part::query()->find($line->part_id) : Part::query()->where('group', $line->group->value)->where('unit', $line->unit)
            ->whereIn('name', [$name, self::other($line)])->orderByRaw('name = ? desc', [$name])->first();
    }

    /** The part that a line of a kit stands for; new in the catalogue where it was never bought before. */
    public static function of(KitLine $line): Part
    {
        $known = self::find($line);
        if ($known !== null) {
            return $known;
        }
        $name = self::plain($line->name);

        return Part::query()->create([
            'group' => $line->group, 'name' => Part::query()->where('name', $name)->exists() ? self::other($line) : $name, 'unit' => $line->unit, 'figures' => [], 'note' => '',
            'price_key' => (string) Price::query()->where('name', $name)->value('key'),
        ])->refresh();
    }

    /** What a part is called where something else has its name already. */
    private static function other(KitLine $line): string
    {
        return self::plain($line->name).", {$line->group->value}, by the {$line->unit}";
    }

    public static function supplier(string $name): ?Supplier
    {
        return $name === '' ? null : Supplier::query()->firstOrCreate(['name' => $name], ['address' => '', 'note' => ''])->refresh();
    }

    /** What it cost there the last time, for a unit. */
    public static function remember(Part $part, Supplier $supplier, int $cost, int $leadDays): void
    {
        $offer = PartOffer::query()->where('part_id', $part->id)->where('supplier_id', $supplier->id)->first();
        $offer === null
            ? PartOffer::query()->create(['part_id' => $part->id, 'supplier_id' => $supplier->id, 'cost_minor' => $cost, 'lead_days' => $leadDays])
            : $offer->update(['cost_minor' => $cost]);
    }

    public static function plain(string $name): string
    {
        return (string) preg_replace('/(?:, again|'.KitLine::BY_USE.')$/', '', $name);
    }
}
