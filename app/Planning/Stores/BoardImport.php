<?php

declare(strict_types=1);

namespace App\Planning\Stores;

use App\Models\Stores\Board;
use App\Planning\House\House;
use App\Support\Clock;
use Regimen\Formats\Boards\BoardRow;
use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Units\Length;
use Regimen\Units\UnreadableFile;

/** What a table of boards would change, before anything is changed. */
final readonly class BoardImport
{
    private const COLUMNS = ['bought on' => 'bought_on'];

    public function __construct(private House $house, private Clock $clock)
    {
    }

    /**
     * @param  list<BoardRow>  $rows
     * @return list<array{board: Board|null, changes: array<string, mixed>, row: BoardRow, words: string}> only what changes something
     *
     * @throws UnreadableFile naming lines of boards that there are not
     */
    public function of(array $rows): array
    {
        $known = Board::query()->whereIn('id', array_filter(array_map(static fn (BoardRow $one): ?int => $one->number, $rows)))->withCount('blanks')->get()->keyBy('id');
        $refused = $all = [];
        foreach ($rows as $row) {
            $board = $row->number === null ? null : $known->get($row->number);
            if ($row->number !== null && ($board === null || $board->gone_at !== null)) {
                $refused[$row->line] = "column board: there is no board {$row->number}".($board === null ? '' : ' any more: '.$board->gone_because);

                continue;
            }
            $changes = $board === null ? $this->asNew($row) : array_filter($this->said($row), static fn (mixed $value, string $column): bool => self::plain($board->getAttribute($column)) !== $value, ARRAY_FILTER_USE_BOTH);
            if ($changes !== [] || $row->moisture !== null || $row->grams !== null) {
                $all[] = ['board' => $board, 'changes' => $changes, 'row' => $row, 'words' => $this->words($board, $changes, $row)];
            }
        }
        if ($refused !== []) {
            throw UnreadableFile::lines(array_slice($refused, 0, 12, true));
        }

        return $all;
    }

    /** @return array<string, mixed> by column, as far as the row says anything */
    private function said(BoardRow $row): array
    {
        $said = [];
        foreach ($row->texts as $column => $text) {
            $said[self::COLUMNS[$column] ?? $column] = $text;
        }
        foreach (['length_tenths' => $row->length, 'width_tenths' => $row->width, 'thickness_tenths' => $row->thickness] as $column => $length) {
            if ($length !== null) {
                $said[$column] = (int) round($length->mm * 10);
            }
        }

        return $row->cost === null ? $said : [...$said, 'cost_minor' => $row->cost->minor];
    }

    /** @return array<string, mixed> */
    private function asNew(BoardRow $row): array
    {
        return [
            'cut' => TimberCut::Flat->value, ...array_fill_keys(['figure', 'supplier', 'place', 'origin', 'papers', 'note'], ''),
            'bought_on' => $this->clock->today($this->house->zone()), ...$this->said($row),
        ];
    }

    /** @param  array<string, mixed>  $changes */
    private function words(?Board $board, array $changes, BoardRow $row): string
    {
        $read = implode(', ', array_filter([
            $row->moisture === null ? '' : "read {$row->moisture} %", $row->grams === null ? '' : 'weighed '.($row->grams / 1000).' kg',
        ]));
        if ($board === null) {
            return "new: {$row->texts['species']}, ".implode(' × ', array_map(static fn (?Length $one): string => $one?->inMillimetres() ?? '', [$row->length, $row->width, $row->thickness])).($read === '' ? '' : ", {$read}");
        }
        $words = [];
        foreach ($changes as $column => $value) {
            $words[] = "{$this->column($column)}: ".$this->value($column, self::plain($board->getAttribute($column))).' becomes '.$this->value($column, $value);
        }

        return "board {$board->id}: ".implode('; ', array_filter([...$words, $read]));
    }

    private function column(string $column): string
    {
        return str_replace('_', ' ', (string) preg_replace('/_(tenths|minor)$/', '', $column));
    }

    private function value(string $column, mixed $value): string
    {
        return match (true) {
            str_ends_with($column, '_tenths') && is_int($value) => ($value / 10).' mm',
            $column === 'cost_minor' && is_int($value) => $this->house->money($value)->plain(),
            default => '“'.(is_scalar($value) ? $value : '').'”',
        };
    }

    private static function plain(mixed $value): mixed
    {
        return $value instanceof \BackedEnum ? $value->value : $value;
    }
}
