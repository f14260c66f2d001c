<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Actions\Recording;
use App\Models\Parts\Part;
use App\Models\Parts\PartOffer;
use App\Models\People\Person;
use App\Planning\Parts\Catalogue;
use App\Planning\Parts\PartImport;
use App\Support\Refused;
use Regimen\Formats\Stores\PartRow;
use Regimen\Units\UnreadableFile;

/** Parts, prices and stock out of a table: all of it or none. */
final readonly class ImportParts
{
    public function __construct(private Recording $recording, private PartImport $import, private CountStock $count)
    {
    }

    /**
     * @param  list<PartRow>  $rows
     * @return int how many lines changed something
     */
    public function __invoke(Person $by, array $rows): int
    {
        return $this->recording->keep(function () use ($by, $rows): int {
            try {
                $all = $this->import->of($rows);
            } catch (UnreadableFile $refused) {
                throw Refused::because($refused->getMessage()."\nNothing was taken.", 'file');
            }
            foreach ($all as $one) {
                $part = $this->part($one->row);
                $this->offer($one->row, $part);
                // After the price, so that what turns up is worth something.
                $one->row->stock === null || $this->count->set($by, $part, $one->row->stock, 'from a table');
                $this->recording->log(null, $by, 'stores', "From a table, {$one->words}.");
            }

            return count($all);
        });
    }

    private function part(PartRow $row): Part
    {
        $said = array_filter(
            ['group' => $row->group, 'unit' => $row->unit, 'place' => $row->place, 'least' => $row->least, 'note' => $row->note], static fn (mixed $one): bool => $one !== null,
        );
        $part = Part::query()->where('name', $row->name)->first();
        if ($part === null) {
            return Part::query()->create(['note' => '', ...$said, 'name' => $row->name, 'figures' => []])->refresh();
        }
        $part->fill([...$said, 'gone_at' => null]);
        if ($part->isDirty()) {
            $part->version++;
            $part->save();
        }

        return $part;
    }

    private function offer(PartRow $row, Part $part): void
    {
        $supplier = Catalogue::supplier($row->supplier ?? '');
        if ($supplier === null) {
            return;
        }
        $said = array_filter(['number' => $row->number, 'cost_minor' => $row->price?->minor, 'lead_days' => $row->days], static fn (mixed $one): bool => $one !== null);
        $offer = PartOffer::query()->where('part_id', $part->id)->where('supplier_id', $supplier->id)->first();
        $offer === null ? PartOffer::query()->create(['lead_days' => 14, 'cost_minor' => 0, ...$said, 'part_id' => $part->id, 'supplier_id' => $supplier->id]) : $offer->update($said);
    }
}
