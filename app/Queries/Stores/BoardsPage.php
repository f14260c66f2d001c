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
use App\Planning\Stores\Rack;
use App\Support\Clock;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Stores\Blank;
use Regimen\Timber\Species;
use Regimen\Units\Words;

/** The boards there are, how far they have settled, and what the builds in the making are still to be cut from. */
final readonly class BoardsPage
{
    private const SHOWN = 100;

    /** Boards that are named for a need. */
    private const MOST_OFFERED = 4;

    public function __construct(private House $house, private LotMoisture $moisture, private OpenNeeds $needs, private BlankLines $blanks, private Clock $clock)
    {
    }

    /** @param  string  $find  a part of a number, a timber, a place or a cut; empty for all */
    public function data(Person $viewer, string $find = ''): BoardsProps
    {
        $needs = $this->needs->all();
        $boards = self::found($find)->with(['readings', 'lot.readings'])->orderBy('species')->orderBy('id')->limit(self::SHOWN)->get();
        $serving = Rack::serving($needs, self::MOST_OFFERED);
        $lines = array_values($boards->map(fn (Board $one): BoardLine => $this->line($one, $viewer, Rack::count($one, $needs)))->all());
        $count = Board::query()->there()->count();
        $found = $find === '' ? $count : self::found($find)->count();

        return new BoardsProps(
            headline: self::headline($lines, $count),
            balance: 'In the air of the last days timber comes to '.Words::number($this->moisture->balance()).' %.',
            boards: $lines, find: $find, more: max(0, $found - count($lines)),
            needs: array_map(static fn (array $need, array $boards): NeedLine => self::need($need, $boards), $needs, $serving),
            blanks: $this->blanks->waiting($viewer),
            species: Species::names(),
            cuts: array_map(static fn (TimberCut $one): Option => new Option($one->value, $one->words()), TimberCut::cases()),
            today: $this->clock->today($this->house->zone()),
        );
    }

    /** @return Builder<Board> */
    private static function found(string $find): Builder
    {
        $like = '%'.addcslashes($find, '%_\\').'%';

        return $find === '' ? Board::query()->there() : Board::query()->there()->where(static function (Builder $query) use ($find, $like): void {
            $query->where('id', ctype_digit($find) ? (int) $find : 0);
            foreach (['species', 'place', 'cut', 'figure', 'supplier'] as $column) {
                $query->orWhereRaw("{$column} LIKE ? ESCAPE '\\'", [$like]);
            }
        });
    }

    /** @param  list<BoardLine>  $lines  that are shown */
    private static function headline(array $lines, int $count): string
    {
        $settling = count(array_filter($lines, static fn (BoardLine $one): bool => $one->readyOn !== null && ! $one->ready));

        return match (true) {
            $count === 0 => 'No board is in the shop',
            $settling === 0 || $count > count($lines) => Say::count($count, 'board is', 'boards are').' in the shop',
            default => Say::count($count, 'board is', 'boards are').' in the shop, '.($settling === 1 ? 'one still settles' : "{$settling} still settle"),
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
     * @param  list<int>  $boards
     */
    private static function need(array $need, array $boards): NeedLine
    {
        [$build, $blank] = $need;

        return new NeedLine(
            build: $build->number, title: $build->title, what: $blank->kind->value, size: BoardWords::blank($blank), timber: $blank->timber->name, boards: $boards, small: $blank->kind->isSmall(),
        );
    }
}
