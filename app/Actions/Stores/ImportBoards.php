<?php

declare(strict_types=1);

namespace App\Actions\Stores;

use App\Actions\Recording;
use App\Models\People\Person;
use App\Models\Stores\Board;
use App\Models\Stores\BoardReading;
use App\Planning\Stores\BoardImport;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Formats\Boards\BoardRow;
use Regimen\Timber\RoughBoard;
use Regimen\Units\Length;
use Regimen\Units\UnreadableFile;

/** Boards out of a table: all of them or none. */
final readonly class ImportBoards
{
    public function __construct(private Recording $recording, private BoardImport $import, private Clock $clock)
    {
    }

    /**
     * @param  list<BoardRow>  $rows
     * @return int how many are new or changed
     */
    public function __invoke(Person $by, array $rows): int
    {
        return $this->recording->keep(function () use ($by, $rows): int {
            try {
                $all = $this->import->of($rows);
            } catch (UnreadableFile $refused) {
                throw Refused::because($refused->getMessage()."\nNothing was taken.", 'file');
            }
            foreach ($all as ['board' => $board, 'changes' => $changes, 'row' => $row, 'words' => $words]) {
                $board = $board === null ? $this->takeIn($by, $changes) : $this->change($board, $changes, $row);
                if ($row->moisture !== null || $row->grams !== null) {
                    BoardReading::query()->create([
                        'board_id' => $board->id, 'moisture_hundredths' => $row->moisture === null ? null : (int) round($row->moisture * 100), 'grams' => $row->grams,
                        'person_id' => $by->id, 'at' => $this->clock->now(),
                    ]);
                }
                $this->recording->log(null, $by, 'timber', "From a table, board {$board->id}: {$words}.");
            }
            if ($all !== []) {
                $this->recording->planAnew(Say::count(count($all), 'board').' from a table');
            }

            return count($all);
        });
    }

    /** @param  array<string, mixed>  $said */
    private function takeIn(Person $by, array $said): Board
    {
        return Board::query()->create([...$said, 'person_id' => $by->id, 'at' => $this->clock->now()])->refresh();
    }

    /** @param  array<string, mixed>  $changes */
    private function change(Board $board, array $changes, BoardRow $row): Board
    {
        $sides = array_map(static fn (string $column): mixed => $changes[$column] ?? $board->getAttribute($column), ['length_tenths', 'width_tenths', 'thickness_tenths']);
        if ($board->lot_id === null && array_intersect_key($changes, ['length_tenths' => 0, 'width_tenths' => 0, 'thickness_tenths' => 0]) !== []) {
            try {
                RoughBoard::of(...array_map(static fn (mixed $tenths): Length => Length::ofMillimetres((is_int($tenths) ? $tenths : 0) / 10), $sides));
            } catch (\InvalidArgumentException $wrong) {
                throw Refused::because("Line {$row->line}, column thickness: {$wrong->getMessage()}\nNothing was taken.", 'file');
            }
        }
        $changes === [] || $board->update([...$changes, 'version' => $board->version + 1]);

        return $board;
    }
}
