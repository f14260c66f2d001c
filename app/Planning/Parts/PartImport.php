<?php

declare(strict_types=1);

namespace App\Planning\Parts;

use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\Parts\Supplier;
use App\Planning\House\House;
use App\Support\Say;
use Regimen\Formats\Stores\PartRow;
use Regimen\Stores\Stock\Amount;
use Regimen\Units\UnreadableFile;

/** What a table of parts would change, before anything is changed. */
final readonly class PartImport
{
    private const MOST_SAID = 12;

    public function __construct(private House $house)
    {
    }

    /**
     * @param  list<PartRow>  $rows
     * @return list<PartImported> only what changes something
     *
     * @throws UnreadableFile naming the lines that cannot be taken
     */
    public function of(array $rows): array
    {
        $known = Part::query()->with('offers.supplier')->whereIn('name', array_map(static fn (PartRow $one): string => $one->name, $rows))->get()->keyBy('name');
        $suppliers = Supplier::query()->get()->keyBy('name');
        $refused = $all = $new = [];
        foreach ($rows as $row) {
            $part = $known->get($row->name);
            $wrong = $this->wrong($row, $part, isset($new[$row->name]));
            if ($wrong !== null) {
                $refused[$row->line] = $wrong;

                continue;
            }
            $isNew = $part === null && ! isset($new[$row->name]);
            $new[$row->name] = $part === null;
            $words = [...$isNew ? ["new, {$row->group?->value}, by the {$row->unit}"] : [], ...$this->part($row, $part), ...$this->offer($row, $part, $suppliers->get($row->supplier ?? ''))];
            if ($words !== []) {
                $all[] = new PartImported($row, $part, "{$row->name}: ".implode('; ', $words));
            }
        }
        if ($refused !== []) {
            throw UnreadableFile::lines(array_slice($refused, 0, self::MOST_SAID, true));
        }

        return $all;
    }

    private function wrong(PartRow $row, ?Part $part, bool $isBegun): ?string
    {
        if ($part === null) {
            return match (true) {
                $isBegun => null,
                $row->group === null => "column kind is empty: “{$row->name}” is not in the catalogue yet",
                $row->unit === null => "column unit is empty: “{$row->name}” is not in the catalogue yet",
                default => null,
            };
        }
        $amounts = array_filter([$row->stock, $row->least], is_int(...));

        return match (true) {
            $row->unit !== null && $row->unit !== $part->unit && Reserved::there($part) > 0 => "column unit: “{$part->name}” is counted by the {$part->unit}, and some of it is in stock",
            array_filter($amounts, static fn (int $one): bool => ! Amount::canBe($one, $row->unit ?? $part->unit)) !== [] => "column stock or least: there are no halves of a {$part->unit}",
            $row->supplier !== null && $row->price === null && $part->offers->first(static fn (PartOffer $one): bool => $one->supplier->name === $row->supplier) === null => "column price is empty: {$row->supplier} does not sell “{$part->name}” yet",
            default => null,
        };
    }

    /** @return list<string> */
    private function part(PartRow $row, ?Part $part): array
    {
        $words = [];
        $said = ['kind' => [$row->group?->value, $part?->group->value], 'unit' => [$row->unit, $part?->unit], 'drawer' => [$row->place, $part?->place], 'note' => [$row->note, $part?->note]];
        foreach ($said as $column => [$now, $was]) {
            if ($now !== null && $now !== $was && ($part !== null || ! in_array($column, ['kind', 'unit'], true))) {
                $words[] = $was === null || $was === '' ? "{$column} “{$now}”" : "{$column}: “{$was}” becomes “{$now}”";
            }
        }
        $unit = $row->unit ?? $part->unit ?? '';
        $there = $part === null ? 0 : Reserved::there($part);
        if ($row->stock !== null && $row->stock !== $there) {
            $words[] = 'stock: '.Say::amount(Amount::units($there), $unit).' becomes '.Say::amount(Amount::units($row->stock), $unit).', the difference is booked';
        }
        if ($row->least !== null && $row->least !== $part?->least) {
            $words[] = 'at least '.Say::amount(Amount::units($row->least), $unit);
        }

        return $words;
    }

    /** @return list<string> */
    private function offer(PartRow $row, ?Part $part, ?Supplier $supplier): array
    {
        if ($row->supplier === null) {
            return [];
        }
        $offer = $part?->offers->first(static fn (PartOffer $one): bool => $one->supplier->name === $row->supplier);
        $words = [];
        if ($row->price !== null && $row->price->minor !== $offer?->cost_minor) {
            $words[] = ($offer === null ? '' : $this->house->money($offer->cost_minor)->plain().' becomes ').$row->price->plain();
        }
        if ($row->days !== null && $row->days !== $offer?->lead_days) {
            $words[] = Say::count($row->days, 'day');
        }
        if ($row->number !== null && $row->number !== $offer?->number) {
            $words[] = "number {$row->number}";
        }

        return $words === [] ? [] : [($supplier === null ? 'new supplier ' : '')."{$row->supplier}: ".implode(', ', $words)];
    }
}
