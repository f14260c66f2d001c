<?php

declare(strict_types=1);

namespace App\Actions\Stores;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\People\Person;
use App\Models\Stores\Blank;
use App\Models\Stores\Board;
use App\Planning\House\House;
use App\Planning\Stores\CutTable;
use App\Planning\Stores\Cutting;
use App\Planning\Stores\CuttingAsked;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Stores\Blank as Need;
use Regimen\Stores\Cutting\Area;
use Regimen\Stores\Cutting\Laid;
use Regimen\Stores\Cutting\Marked;
use Regimen\Stores\Cutting\Sawn;
use Regimen\Stores\Cutting\Turn;
use Regimen\Units\Money;

/** Boards become blanks that are reserved for their builds, and offcuts that are boards again; each with its share of the cost. */
final readonly class CutBoards
{
    public function __construct(private Recording $recording, private House $house, private Cutting $cutting, private TimberInKit $kit, private Clock $clock)
    {
    }

    /**
     * @param  array<int, int>  $versions  of the boards as they were seen
     * @return list<int> numbers of the blanks
     */
    public function cut(Person $by, CuttingAsked $asked, array $versions, string $because): array
    {
        return $this->recording->keep(function () use ($by, $asked, $versions, $because): array {
            $this->mustBeAsSeen($asked, $versions);
            $table = $this->cutting->table($asked);
            $laid = $this->cutting->laid($table, $asked);
            $marked = $this->mustBeSound($table, $laid, $because);
            $blanks = [];
            foreach ($marked as $one) {
                array_push($blanks, ...$this->saw($by, $table, $one));
            }
            foreach (array_unique(array_map(static fn (Laid $one): int => $one->wanted, $laid)) as $number) {
                [$build, $need] = $table->needs[$number];
                $this->intoKit($by, $build, $need, array_values(array_filter($blanks, static fn (Blank $one): bool => $one->build_id === $build->id && $one->key === $need->key())));
            }
            $boards = implode(' and ', array_map(static fn (Marked $one): string => "board {$one->face->number}", $marked));
            $this->recording->log(null, $by, 'timber', ucfirst($boards).' cut into '.implode(', ', array_map(static fn (Blank $one): string => $one->name(), $blanks)).'.'
                .($because === '' ? '' : " Across the grain: {$because}"));
            $this->recording->planAnew("{$boards} cut");

            return array_map(static fn (Blank $one): int => $one->id, $blanks);
        });
    }

    /**
     * A blank is not needed for its build any more: its pieces are boards again, with what they have cost.
     *
     * @return list<int> numbers of the boards
     */
    public function free(Person $by, Blank $blank): array
    {
        return $this->recording->keep(function () use ($by, $blank): array {
            if ($blank->freed_at !== null) {
                throw Refused::because('That blank is in stock already. Nothing was changed.');
            }
            $blank->load(['board', 'build', 'kitLine']);
            $this->kit->takeOut($blank);
            $blank->update(['freed_at' => $this->clock->now()]);
            $boards = array_map(fn (Money $share): int => $this->leftOf(
                $by, $blank->board, $blank->length_tenths, $blank->width_tenths, $blank->thickness_tenths, $share->minor, "was {$blank->name()}",
            )->id, $this->house->money($blank->cost_minor)->split(array_fill(0, max(1, $blank->pieces), 1)));
            $this->recording->log($blank->build, $by, 'timber', ucfirst($blank->name()).', is in stock again as board '.implode(' and ', $boards).'.');
            $this->recording->planAnew("blank {$blank->id} back in stock");

            return $boards;
        });
    }

    /** @param  array<int, int>  $versions */
    private function mustBeAsSeen(CuttingAsked $asked, array $versions): void
    {
        foreach (Board::query()->whereIn('id', $asked->boards)->orderBy('id')->get() as $board) {
            if ($board->gone_at !== null) {
                throw Refused::because(ucfirst($board->name()).", is not in the shop any more: {$board->gone_because}. A board is cut once; nothing was changed.", 'boards');
            }
            Refused::ifStale($board->version, $versions[$board->id] ?? 0, ucfirst($board->name()));
        }
    }

    /**
     * @param  list<Laid>  $laid
     * @return non-empty-list<Marked>
     */
    private function mustBeSound(CutTable $table, array $laid, string $because): array
    {
        $marked = $table->marked($laid);
        if ($marked === []) {
            throw Refused::because('Nothing is laid onto these boards, so that there is nothing to cut.', 'boards');
        }
        foreach ($marked as $one) {
            foreach ($one->faults as $at => $faults) {
                if ($faults !== []) {
                    throw Refused::because(CutTable::words($table->needs[$one->laid[$at]->wanted])." on board {$one->face->number} lies {$faults[0]}. Move it first.", 'boards');
                }
            }
        }
        $count = array_count_values(array_map(static fn (Laid $one): int => $one->wanted, $laid));
        foreach ($count as $number => $many) {
            if ($many !== $table->wanted($number)->pieces) {
                throw Refused::because(CutTable::words($table->needs[$number])." is {$table->wanted($number)->pieces} pieces; {$many} are laid. All of them, or none.", 'boards');
            }
        }
        if ($because === '' && array_filter($laid, static fn (Laid $one): bool => $one->turn === Turn::Across) !== []) {
            throw Refused::because('A piece lies across the grain and is weak there. Say why it is cut so all the same.', 'because');
        }

        return $marked;
    }

    /** @return list<Blank> */
    private function saw(Person $by, CutTable $table, Marked $marked): array
    {
        $board = $table->boards[$marked->face->number] ?? throw Refused::because('That board is not among those that were chosen.', 'boards');
        $needs = array_map(static fn (array $one): Need => $one[1], $table->needs);
        $sawn = Sawn::of($marked, $needs, $board->thickness_tenths / 10, $this->house->money($board->cost_minor));
        $blanks = [];
        foreach ($sawn->pieces as $number => [$many, $cost]) {
            [$build, $need] = $table->needs[$number];
            $blanks[] = ['build_id' => $build->id, 'key' => $need->key(), 'length_tenths' => (int) round($need->length * 10), 'width_tenths' => (int) round($need->width * 10),
                'thickness_tenths' => (int) round($need->thickness * 10), 'pieces' => $many, 'cost_minor' => $cost->minor, 'board_id' => $board->id,
                'person_id' => $by->id, 'at' => $this->clock->now(), 'kit_line_id' => $this->kit->lineFor($build, $need)->id];
        }
        $into = array_map(static fn (int $number): string => "the {$table->needs[$number][1]->kind->value} of {$table->needs[$number][0]->number}", array_keys($sawn->pieces));
        foreach ($sawn->offcuts as [$area, $thickness, $cost]) {
            $this->keepOffcut($by, $board, $area, $thickness, $cost);
        }
        $board->update(['gone_at' => $this->clock->now(), 'gone_because' => 'cut for '.implode(', ', $into), 'version' => $board->version + 1]);

        return array_map(static fn (array $one): Blank => Blank::query()->create($one)->load(['board', 'build']), $blanks);
    }

    private function keepOffcut(Person $by, Board $board, Area $area, float $thickness, Money $cost): void
    {
        $this->leftOf($by, $board, (int) floor($area->length * 10), (int) floor($area->width * 10), (int) floor($thickness * 10), $cost->minor, "left of board {$board->id}");
    }

    private function leftOf(Person $by, Board $board, int $length, int $width, int $thickness, int $cost, string $note): Board
    {
        return Board::query()->create([
            ...$board->only(['species', 'supplier', 'place', 'cut', 'figure', 'origin', 'papers', 'bought_on']), 'length_tenths' => $length, 'width_tenths' => $width,
            'thickness_tenths' => $thickness, 'cost_minor' => $cost, 'note' => ucfirst($note).'.', 'lot_id' => $board->lot_id ?? $board->id, 'person_id' => $by->id, 'at' => $this->clock->now(),
        ])->refresh();
    }

    /** @param  list<Blank>  $blanks */
    private function intoKit(Person $by, Build $build, Need $need, array $blanks): void
    {
        $cost = array_sum(array_map(static fn (Blank $one): int => $one->cost_minor, $blanks));
        $this->kit->putIn($this->kit->lineFor($build, $need), $blanks, $cost);
        $this->recording->log($build, $by, 'kit', 'Cut: '.implode(' and ', array_map(static fn (Blank $one): string => "{$one->name()} from board {$one->board_id}", $blanks)).", {$this->house->money($cost)}.");
    }
}
