<?php

declare(strict_types=1);

namespace App\Queries\Stores;

use App\Models\People\Person;
use App\Models\Stores\Board;
use App\Models\Stores\BoardDefect;
use App\Pages\Cutting\CutCost;
use App\Pages\Cutting\LaidLine;
use App\Pages\Cutting\MarkedLine;
use App\Pages\Cutting\OffcutLine;
use App\Pages\Cutting\SawLine;
use App\Pages\Stores\DefectLine;
use App\Planning\House\House;
use App\Planning\Stores\CutTable;
use App\Planning\Stores\LotMoisture;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Drawing\Shape;
use Regimen\Formats\Drawings\SvgFile;
use Regimen\Stores\Blank;
use Regimen\Stores\Cutting\Area;
use Regimen\Stores\Cutting\Face;
use Regimen\Stores\Cutting\Laid;
use Regimen\Stores\Cutting\Marked;
use Regimen\Stores\Cutting\MarkedView;
use Regimen\Stores\Cutting\Part;
use Regimen\Stores\Cutting\SawCut;
use Regimen\Stores\Cutting\Sawn;
use Regimen\Timber\Species;
use Regimen\Units\Money;

/** Marked boards as pages draw them. */
final readonly class MarkedBoards
{
    public function __construct(private House $house, private LotMoisture $moisture, private Clock $clock)
    {
    }

    /**
     * @param  list<Laid>  $laid  all places of the plan
     * @return list<MarkedLine>
     */
    public function lines(CutTable $table, array $laid, Person $viewer): array
    {
        return array_map(fn (Marked $one): MarkedLine => $this->line($table, $one, $laid, $viewer), $table->marked($laid));
    }

    /** @param  list<Laid>  $all */
    private function line(CutTable $table, Marked $marked, array $all, Person $viewer): MarkedLine
    {
        $board = $table->boards[$marked->face->number] ?? throw new \LogicException('A board is marked that was not chosen.');
        $sawn = $marked->isSound() ? Sawn::of($marked, array_map(static fn (array $one): Blank => $one[1], $table->needs), $board->thickness_tenths / 10, $this->house->money($board->cost_minor)) : null;
        $money = static fn (Money $one): ?string => $viewer->isManager() ? $one->plain() : null;

        return new MarkedLine(
            board: $board->id, version: $board->version, name: $board->name(), size: BoardWords::size($board), colour: Species::named($board->species)->colour,
            length: $marked->face->length, width: $marked->face->width, trim: Face::END_TRIM, defects: self::defects($board),
            laid: array_map(static fn (Laid $one, int $at): LaidLine => self::laid($table, $marked, $one, $at, $all), $marked->laid, array_keys($marked->laid)),
            cuts: array_map(static fn (SawCut $one): SawLine => $one->isAcross ? new SawLine($one->at, $one->from, $one->at, $one->to) : new SawLine($one->from, $one->at, $one->to, $one->at), $marked->cuts),
            order: MarkedView::order($marked, array_map(CutTable::words(...), $table->needs)),
            offcuts: array_map(static fn (array $one): OffcutLine => self::offcut($one[0], $one[1], $money($one[2])), $sawn->offcuts ?? []),
            usedPercent: (int) round(100 * $marked->used), keptPercent: (int) round(100 * $marked->kept),
            costs: array_map(static fn (int $number, array $one): CutCost => new CutCost(
                CutTable::words($table->needs[$number]).($one[0] > 1 ? ", {$one[0]} pieces" : ''), $money($one[1]),
            ), array_keys($sawn->pieces ?? []), array_values($sawn->pieces ?? [])),
            settling: $this->settling($board),
        );
    }

    /** @param  list<Laid>  $all */
    private static function laid(CutTable $table, Marked $marked, Laid $laid, int $at, array $all): LaidLine
    {
        $wanted = $table->wanted($laid->wanted);
        $points = Part::lying($wanted->outline, $laid->turn)->points ?? [];

        return new LaidLine(
            number: (int) array_search($laid, $all, true), words: CutTable::words($table->needs[$laid->wanted]), from: round($laid->area->from, 1), across: round($laid->area->across, 1),
            length: $laid->area->length, width: $laid->area->width, turn: $laid->turn->value,
            line: $points === [] ? '' : SvgFile::path(Shape::closed($points)->moved($laid->area->from, $laid->area->across), 1),
            curved: in_array($at, $marked->curved, true), faults: $marked->faults[$at],
        );
    }

    private static function offcut(Area $area, float $thickness, ?string $money): OffcutLine
    {
        return new OffcutLine(sprintf('%d × %d × %s mm', floor($area->length), floor($area->width), round($thickness, 1)), $money, $area->from, $area->across, $area->length, $area->width);
    }

    /** @return list<DefectLine> */
    public static function defects(Board $board): array
    {
        return array_values($board->defects->map(static fn (BoardDefect $one): DefectLine => new DefectLine(
            $one->id, $one->kind->words(), $one->from_tenths / 10, $one->across_tenths / 10, $one->length_tenths / 10, $one->width_tenths / 10,
        ))->all());
    }

    private function settling(Board $board): string
    {
        $settling = $this->moisture->of($board);
        $ready = $settling === null ? null : BoardsPage::day($settling->readyAt(), $this->house->zone());

        return match (true) {
            $settling === null => 'Its moisture was not read: nobody knows whether it is settled.',
            $ready > $this->clock->today($this->house->zone()) => 'It settles until '.Say::day((string) $ready).'; what is cut from it waits for that at the bench.',
            default => '',
        };
    }
}
