<?php

declare(strict_types=1);

namespace App\Queries\Stores;

use App\Http\Requests\Stores\BoardTableRequest;
use App\Models\People\Person;
use App\Models\Stores\Board;
use App\Pages\Stores\BoardTableProps;
use App\Pages\Stores\TableLooked;
use App\Planning\House\House;
use App\Planning\Stores\BoardImport;
use Regimen\Formats\Boards\BoardTable;
use Regimen\Formats\Tables;
use Regimen\Units\UnreadableFile;

/** Boards as a table: what would be taken of one, and all that are there. */
final readonly class BoardTablePage
{
    public function __construct(private House $house, private BoardImport $import)
    {
    }

    public function data(): BoardTableProps
    {
        return new BoardTableProps(BoardTable::COLUMNS);
    }

    public function look(BoardTableRequest $request): TableLooked
    {
        try {
            $changes = array_column($this->import->of($request->boards()), 'words');

            return new TableLooked($changes, $changes === [] ? 'The table says nothing that is not known already.' : '');
        } catch (UnreadableFile $refused) {
            return new TableLooked([], $refused->getMessage()."\nNothing would be taken.");
        }
    }

    /** Moisture and weight are readings with a day of their own: they are written where a table can bring one, and stay empty here. */
    public function csv(Person $viewer): string
    {
        $rows = [];
        foreach (Board::query()->there()->orderBy('id')->lazy() as $one) {
            $rows[] = array_map(Tables::plain(...), [
                (string) $one->id, $one->species, (string) ($one->length_tenths / 10), (string) ($one->width_tenths / 10), (string) ($one->thickness_tenths / 10),
                $viewer->isManager() ? $this->house->money($one->cost_minor)->plain() : '', $one->cut->value, $one->figure, $one->supplier, $one->bought_on, $one->place, $one->origin, $one->papers, '', '', $one->note,
            ]);
        }

        return Tables::csv([BoardTable::COLUMNS, $rows]);
    }
}
