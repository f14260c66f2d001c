<?php

declare(strict_types=1);

namespace App\Actions\Stores;

use App\Actions\Recording;
use App\Models\People\Person;
use App\Models\Stores\Blank;
use App\Models\Stores\Board;
use App\Models\Stores\BoardDefect;
use App\Models\Stores\BoardReading;
use App\Support\Clock;
use App\Support\Refused;
use InvalidArgumentException;
use Regimen\Stores\DefectKind;
use Regimen\Timber\RoughBoard;
use Regimen\Units\Length;
use Regimen\Units\Money;

/** Boards come into the shop, are read and weighed, marked, and leave it. */
final readonly class KeepBoard
{
    public function __construct(private Recording $recording, private Clock $clock)
    {
    }

    /**
     * @param  array<string, mixed>  $bought  what else is known of it
     * @param  Money  $cost  of all of them, shared to the cent
     * @param  int  $pieces  alike, 1 or more; each becomes a board of its own
     * @return non-empty-list<Board>
     */
    public function takeIn(Person $by, Length $length, Length $width, Length $thickness, array $bought, Money $cost, int $pieces, ?float $moisture, ?int $grams): array
    {
        return $this->recording->keep(function () use ($by, $length, $width, $thickness, $bought, $cost, $pieces, $moisture, $grams): array {
            try {
                RoughBoard::of($length, $width, $thickness);
            } catch (InvalidArgumentException $wrong) {
                throw Refused::because($wrong->getMessage(), 'thickness');
            }
            $boards = [];
            foreach ($cost->split(array_fill(0, max(1, $pieces), 1)) as $share) {
                $boards[] = $board = Board::query()->create([
                    ...$bought, 'cost_minor' => $share->minor, 'length_tenths' => self::tenths($length), 'width_tenths' => self::tenths($width),
                    'thickness_tenths' => self::tenths($thickness), 'person_id' => $by->id, 'at' => $this->clock->now(),
                ])->refresh();
                if ($moisture !== null || $grams !== null) {
                    // A lot is put on the scale as it came.
                    $this->keep($by, $board, $moisture, $grams === null ? null : (int) round($grams / max(1, $pieces)));
                }
                $this->recording->log(null, $by, 'timber', ucfirst($board->name()).", came in: {$length} × {$width} × {$thickness}.");
            }

            return $boards === [] ? throw new \LogicException('Nothing came in.') : $boards;
        });
    }

    public function read(Person $by, Board $board, ?float $moisture, ?int $grams): void
    {
        $this->recording->keep(function () use ($by, $board, $moisture, $grams): void {
            $this->mustBeThere($board);
            if ($moisture === null && $grams === null) {
                throw Refused::because('Write what the meter reads, what it weighs, or both.', 'moisture');
            }
            if ($moisture === null && BoardReading::query()->where('board_id', $board->id)->whereNull('struck_at')->whereNotNull('moisture_hundredths')->whereNotNull('grams')->doesntExist()) {
                throw Refused::because('Weight alone tells moisture only once it was weighed and read with a meter at the same time. Write both this time.', 'moisture');
            }
            $this->keep($by, $board, $moisture, $grams);
            $this->recording->log(null, $by, 'timber', ucfirst($board->name()).': '.implode(', ', array_filter([
                $moisture === null ? '' : "read {$moisture} %", $grams === null ? '' : 'weighed '.($grams / 1000).' kg',
            ])).'.');
            $this->recording->planAnew("board {$board->id} read");
        });
    }

    /** A blank is read or weighed since it was cut: it is thinner than its board was, and settles sooner. */
    public function readBlank(Person $by, Blank $blank, ?float $moisture): void
    {
        $this->recording->keep(function () use ($by, $blank, $moisture): void {
            if ($blank->freed_at !== null) {
                throw Refused::because('That blank is in stock again: read the board that it has become.', 'moisture');
            }
            if ($moisture === null) {
                throw Refused::because('Write what the meter reads.', 'moisture');
            }
            $this->keep($by, $blank->board, $moisture, null, $blank);
            $this->recording->log($blank->build, $by, 'timber', ucfirst($blank->name()).": read {$moisture} %.");
            $this->recording->planAnew("blank {$blank->id} read");
        });
    }

    public function strike(Person $by, BoardReading $reading): void
    {
        $this->recording->keep(function () use ($by, $reading): void {
            if ($reading->struck_at !== null) {
                throw Refused::because('That reading was struck out already. Nothing was changed.');
            }
            $reading->update(['struck_at' => $this->clock->now()]);
            $this->recording->log(null, $by, 'timber', "A reading of board {$reading->board_id} is struck out.");
            $this->recording->planAnew("a reading of board {$reading->board_id} struck out");
        });
    }

    /** Millimetres from one end along the grain, and from one edge across it. */
    public function mark(Person $by, Board $board, DefectKind $kind, Length $from, Length $across, Length $long, Length $wide): void
    {
        $this->recording->keep(function () use ($by, $board, $kind, $from, $across, $long, $wide): void {
            $this->mustBeThere($board);
            if ($long->mm <= 0 || $wide->mm <= 0) {
                throw Refused::because('It has a length and a width above zero.', 'long');
            }
            if (self::tenths($from) + self::tenths($long) > $board->length_tenths || self::tenths($across) + self::tenths($wide) > $board->width_tenths) {
                throw Refused::because('That lies outside of the board, which is '.$board->rough()->length.' × '.$board->rough()->width.'.', 'from');
            }
            BoardDefect::query()->create([
                'board_id' => $board->id, 'kind' => $kind, 'from_tenths' => self::tenths($from), 'across_tenths' => self::tenths($across),
                'length_tenths' => self::tenths($long), 'width_tenths' => self::tenths($wide), 'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
            $this->recording->log(null, $by, 'timber', ucfirst($board->name()).": {$kind->words()} at {$from}, {$across} from the edge.");
        });
    }

    public function unmark(Person $by, BoardDefect $defect): void
    {
        $this->recording->keep(function () use ($by, $defect): void {
            if ($defect->struck_at !== null) {
                throw Refused::because('That mark was taken off already. Nothing was changed.');
            }
            $defect->update(['struck_at' => $this->clock->now()]);
            $this->recording->log(null, $by, 'timber', "A {$defect->kind->words()} of board {$defect->board_id} is taken off: it is none.");
        });
    }

    /** @param  array<string, string>  $known  by column */
    public function change(Person $by, Board $board, int $version, array $known): void
    {
        $this->recording->keep(function () use ($by, $board, $version, $known): void {
            Refused::ifStale($board->version, $version, ucfirst($board->name()));
            $changes = array_filter($known, static fn (string $value, string $column): bool => $board->getAttribute($column) !== $value, ARRAY_FILTER_USE_BOTH);
            $words = [];
            foreach ($changes as $column => $value) {
                $before = $board->getAttribute($column);
                $words[] = "{$column} “{$value}”".(is_string($before) && $before !== '' ? " instead of “{$before}”" : '');
            }
            if ($words !== []) {
                $board->update([...$changes, 'version' => $board->version + 1]);
                $this->recording->log(null, $by, 'timber', ucfirst($board->name()).': '.implode('; ', $words).'.');
            }
        });
    }

    /** It was sold, given away or used up otherwise; its record stays. */
    public function letGo(Person $by, Board $board, int $version, string $because): void
    {
        $this->recording->keep(function () use ($by, $board, $version, $because): void {
            $this->mustBeThere($board);
            Refused::ifStale($board->version, $version, ucfirst($board->name()));
            $board->update(['gone_at' => $this->clock->now(), 'gone_because' => $because, 'version' => $board->version + 1]);
            $this->recording->log(null, $by, 'timber', ucfirst($board->name()).", is gone: {$because}");
        });
    }

    private function keep(Person $by, Board $board, ?float $moisture, ?int $grams, ?Blank $blank = null): void
    {
        BoardReading::query()->create([
            'board_id' => $board->id, 'blank_id' => $blank?->id, 'moisture_hundredths' => $moisture === null ? null : (int) round($moisture * 100), 'grams' => $grams, 'person_id' => $by->id, 'at' => $this->clock->now(),
        ]);
    }

    private function mustBeThere(Board $board): void
    {
        if ($board->gone_at !== null) {
            throw Refused::because(ucfirst($board->name()).", is not in the shop any more: {$board->gone_because}.", 'board');
        }
    }

    private static function tenths(Length $length): int
    {
        return (int) round($length->mm * 10);
    }
}
