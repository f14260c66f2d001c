<?php

declare(strict_types=1);

namespace App\Queries\Stores;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Models\Stores\Board;
use App\Pages\Shop\Option;
use App\Pages\Stores\BoardLine;
use App\Pages\Stores\BoardsProps;
use App\Pages\Stores\NeedLine;
use App\Planning\House\House;
use App\Planning\Stores\LotMoisture;
use App\Planning\Stores\OpenNeeds;
use App\Support\Clock;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Stores\Blank;
use Regimen\Stores\Yields;
use Regimen\Timber\Species;
use Regimen\Units\Words;

/** The boards there are, how far they have settled, and what the builds in the making are still to be cut from. */
final readonly class BoardsPage
{
    private const SHOWN = 500;

    public function __construct(private House $house, private LotMoisture $moisture, private OpenNeeds $needs, private BlankLines $blanks, private Clock $clock)
    {
    }

    public function data(Person $viewer): BoardsProps
    {
        $boards = Board::query()->there()->with(['readings', 'lot.readings'])->orderBy('species')->orderBy('id')->limit(self::SHOWN)->get();
        $needs = $this->needs->all();
        $served = [];
        foreach ($needs as $number => [$build, $blank]) {
            foreach ($boards->where('species', $blank->timber->name) as $board) {
                $yields = Yields::of($board->rough(), $board->species, $blank);
                if ($yields->times > 0) {
                    $served[$number][$board->id] = $yields->used;
                }
            }
        }
        $lines = array_values($boards->map(fn (Board $one): BoardLine => $this->line($one, $viewer, count(array_filter($served, static fn (array $ids): bool => isset($ids[$one->id])))))->all());

        return new BoardsProps(
            headline: self::headline($lines),
            balance: 'In the air of the last days timber comes to '.Words::number($this->moisture->balance()).' %.',
            boards: $lines,
            needs: array_map(static fn (array $need, int $number): NeedLine => self::need($need, $served[$number] ?? []), $needs, array_keys($needs)),
            blanks: $this->blanks->waiting($viewer),
            species: Species::names(),
            cuts: array_map(static fn (TimberCut $one): Option => new Option($one->value, $one->words()), TimberCut::cases()),
            today: $this->clock->today($this->house->zone()),
        );
    }

    /** @param  list<BoardLine>  $lines */
    private static function headline(array $lines): string
    {
        $settling = count(array_filter($lines, static fn (BoardLine $one): bool => $one->readyOn !== null && ! $one->ready));

        return match (true) {
            $lines === [] => 'No board is in the shop',
            $settling === 0 => Say::count(count($lines), 'board is', 'boards are').' in the shop',
            default => Say::count(count($lines), 'board is', 'boards are').' in the shop, '.($settling === 1 ? 'one still settles' : "{$settling} still settle"),
        };
    }

    private function line(Board $board, Person $viewer, int $serves): BoardLine
    {
        $settling = $this->moisture->of($board);
        $ready = $settling === null ? null : self::day($settling->readyAt(), $this->house->zone());

        return new BoardLine(
            id: $board->id, species: $board->species, size: BoardWords::size($board), feet: Words::number($board->rough()->boardFeet()).' bd ft', cut: $board->cut->words(), place: $board->place,
            money: $viewer->isManager() ? $this->house->money($board->cost_minor)->plain() : null,
            moisture: $settling === null ? 'not read' : Words::number($settling->at($this->clock->now()->getTimestamp() / 86_400)).' % by now',
            readyOn: $ready, ready: $ready !== null && $ready <= $this->clock->today($this->house->zone()), protected: Species::named($board->species)->protected, serves: $serves,
        );
    }

    public static function day(float $daysSince1970, \DateTimeZone $zone): string
    {
        return CarbonImmutable::createFromTimestampUTC((int) ceil($daysSince1970 * 86_400))->setTimezone($zone)->toDateString();
    }

    /**
     * @param  array{Build, Blank}  $need
     * @param  array<int, float>  $served  share of each board that it would use
     */
    private static function need(array $need, array $served): NeedLine
    {
        [$build, $blank] = $need;
        arsort($served);

        return new NeedLine(
            build: $build->number, title: $build->title, what: $blank->kind->value, size: BoardWords::blank($blank), timber: $blank->timber->name, boards: array_keys($served),
        );
    }
}
