<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Http\Requests\Parts\PartTableRequest;
use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\Parts\StockLot;
use App\Pages\Parts\PartTableProps;
use App\Pages\Stores\TableLooked;
use App\Planning\House\House;
use App\Planning\Parts\PartImport;
use App\Planning\Parts\PartImported;
use Regimen\Formats\Stores\PartTable;
use Regimen\Formats\Tables;
use Regimen\Stores\Stock\Amount;
use Regimen\Units\UnreadableFile;

/** Parts with their prices and stock as a table: what would be taken of one, and all that are there. */
final readonly class PartTablePage
{
    public function __construct(private House $house, private PartImport $import)
    {
    }

    public function data(): PartTableProps
    {
        return new PartTableProps(PartTable::COLUMNS);
    }

    public function look(PartTableRequest $request): TableLooked
    {
        try {
            $changes = array_map(static fn (PartImported $one): string => $one->words, $this->import->of($request->parts()));

            return new TableLooked($changes, $changes === [] ? 'The table says nothing that is not known already.' : '');
        } catch (UnreadableFile $refused) {
            return new TableLooked([], $refused->getMessage()."\nNothing would be taken.");
        }
    }

    /** A part that several suppliers sell has a line for each; what lies there stands in the first. */
    public function csv(): string
    {
        $there = StockLot::query()->where('wrong', '')->selectRaw('part_id, sum("left") as there')->groupBy('part_id')->pluck('there', 'part_id');
        $rows = [];
        foreach (Part::query()->kept()->with('offers.supplier')->orderBy('name')->get() as $part) {
            $stock = (string) Amount::units((int) ($there[$part->id] ?? 0));
            foreach ($part->offers->isEmpty() ? [null] : $part->offers->all() as $at => $offer) {
                $rows[] = array_map(Tables::plain(...), [
                    $part->name, $part->group->value, $part->unit, $part->place, $at === 0 ? $stock : '', $part->least === null ? '' : (string) Amount::units($part->least), ...$this->offer($offer), $part->note,
                ]);
            }
        }

        return Tables::csv([PartTable::COLUMNS, $rows]);
    }

    /** @return list<string> */
    private function offer(?PartOffer $offer): array
    {
        return $offer === null ? ['', '', '', ''] : [$offer->supplier->name, $offer->number, $this->house->money($offer->cost_minor)->plain(), (string) $offer->lead_days];
    }
}
