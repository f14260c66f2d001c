<?php

declare(strict_types=1);

namespace Regimen\Formats\Boards;

use DateTimeImmutable;
use Regimen\Formats\CsvTable;
use Regimen\Formats\NamedCells;
use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Timber\RoughBoard;
use Regimen\Timber\Species;
use Regimen\Units\DayText;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Length;
use Regimen\Units\Money;
use Regimen\Units\UnreadableFile;

/**
 * Boards as a table (RFC 4180): one board a line under a line that names the columns; a plain number is millimetres, anything else is read with its
 * unit. All of it or nothing, with line and column of what is wrong.
 */
final class BoardTable
{
    /** In the order in which they are written. */
    public const COLUMNS = [
        'board', 'species', 'length', 'width', 'thickness', 'cost', 'cut', 'figure', 'supplier', 'bought on', 'place', 'origin', 'papers', 'moisture', 'weight', 'note',
    ];

    private const TEXTS = ['figure', 'supplier', 'place', 'origin', 'papers', 'note'];

    /** What a new board cannot be without. */
    private const NEEDED = ['species', 'length', 'width', 'thickness', 'cost'];

    /** Sizes in mm. */
    private const BOUNDS = ['length' => [100.0, 8_000.0], 'width' => [20.0, 1_500.0], 'thickness' => [2.0, 300.0]];

    private const MOST_LETTERS = 80;

    private const MOST_SAID = 12;

    /** @var array<int, string> */
    private array $refused = [];

    private function __construct(private readonly NamedCells $columns, private readonly string $currency, private readonly DateTimeImmutable $today)
    {
    }

    /**
     * @return list<BoardRow>
     *
     * @throws UnreadableFile naming each line and column that cannot be taken
     */
    public static function read(string $bytes, string $currency, DateTimeImmutable $today): array
    {
        try {
            $table = CsvTable::read($bytes);
        } catch (UnreadableFile $wrong) {
            throw UnreadableFile::because($wrong->getMessage().(str_contains($wrong->getMessage(), 'the first line names') ? ' Take title lines above the names of the columns out.' : ''));
        }
        $reader = new self(self::named($table), $currency, $today);
        $rows = [];
        foreach ($table->rows as $line => $cells) {
            try {
                $rows[] = $reader->row($line, $cells);
            } catch (InvalidQuantity $wrong) {
                $reader->refused[$line] = rtrim($wrong->getMessage(), '.');
            }
        }
        $numbers = array_count_values(array_filter(array_map(static fn (BoardRow $one): ?int => $one->number, $rows)));
        foreach ($rows as $row) {
            if ($row->number !== null && $numbers[$row->number] > 1) {
                $reader->refused[$row->line] ??= "column board: board {$row->number} stands in more than one line";
            }
        }
        if ($reader->refused !== []) {
            ksort($reader->refused);
            throw UnreadableFile::lines(array_slice($reader->refused, 0, self::MOST_SAID, true));
        }

        return $rows;
    }

    private static function named(CsvTable $table): NamedCells
    {
        $columns = NamedCells::of($table, self::COLUMNS);
        $missing = $columns->missing(self::NEEDED);
        if (! $columns->has('board') && $missing !== []) {
            throw UnreadableFile::at(1, 'there is no column '.implode(', ', $missing).'; without a column board every line is a new one and needs them');
        }

        return $columns;
    }

    /** @param  list<string>  $cells */
    private function row(int $line, array $cells): BoardRow
    {
        $number = $this->columns->cell($cells, 'board');
        if ($number !== '' && preg_match('/^[1-9]\d{0,8}$/', $number) !== 1) {
            throw new InvalidQuantity("column board: “{$number}” is no number of a board".(preg_match('/total|sum/i', $number) === 1 ? '; take lines with totals out' : ''));
        }
        if ($number === '') {
            $this->columns->mustBeWhole($cells, self::NEEDED);
        }
        [$length, $width, $thickness] = array_map(fn (string $side): ?Length => $this->length($cells, $side), array_keys(self::BOUNDS));
        if ($length !== null && $width !== null && $thickness !== null) {
            NamedCells::at('thickness', static fn (): RoughBoard => RoughBoard::of($length, $width, $thickness));
        }
        $weight = $this->number($cells, 'weight', 0.02, 200.0);

        return new BoardRow(
            $line, $number === '' ? null : (int) $number, $this->texts($cells), $length, $width, $thickness,
            $this->columns->given($cells, 'cost', fn (string $typed): Money => Money::parse($typed, $this->currency)),
            $this->number($cells, 'moisture', 3.0, 60.0), $weight === null ? null : (int) round($weight * 1000),
        );
    }

    /**
     * @param  list<string>  $cells
     * @return array<string, string> what stands there, by column
     */
    private function texts(array $cells): array
    {
        $texts = [];
        foreach (self::TEXTS as $column) {
            $typed = $this->columns->cell($cells, $column);
            if (mb_strlen($typed) > ($column === 'note' ? 1_000 : self::MOST_LETTERS)) {
                throw new InvalidQuantity("column {$column}: longer than it can be kept");
            }
            $typed === '' || $texts[$column] = $typed;
        }
        $species = $this->columns->cell($cells, 'species');
        if ($species !== '') {
            $names = Species::names();
            $known = array_combine(array_map(mb_strtolower(...), $names), $names);
            $texts['species'] = $known[mb_strtolower($species)] ?? throw new InvalidQuantity("column species: “{$species}” is not in the timber table");
        }
        $cut = $this->columns->cell($cells, 'cut');
        if ($cut !== '') {
            $texts['cut'] = (TimberCut::tryFrom(str_replace(' ', '-', mb_strtolower($cut))) ?? throw new InvalidQuantity(
                "column cut: “{$cut}” is none of ".implode(', ', array_map(static fn (TimberCut $one): string => $one->value, TimberCut::cases())),
            ))->value;
        }
        $day = $this->columns->given($cells, 'bought on', fn (string $typed): DateTimeImmutable => DayText::parse($typed, $this->today, true, true));
        if ($day !== null) {
            $texts['bought on'] = $day > $this->today ? throw new InvalidQuantity('column bought on: that day is still to come') : $day->format('Y-m-d');
        }

        return $texts;
    }

    /** @param  list<string>  $cells */
    private function length(array $cells, string $side): ?Length
    {
        $length = $this->columns->given($cells, $side, static fn (string $typed): Length => Length::parse($typed));
        [$least, $most] = self::BOUNDS[$side];
        if ($length !== null && ($length->mm < $least || $length->mm > $most)) {
            throw new InvalidQuantity("column {$side}: {$length->inMillimetres()} is not between {$least} and {$most} mm");
        }

        return $length;
    }

    /** @param  list<string>  $cells */
    private function number(array $cells, string $column, float $least, float $most): ?float
    {
        $typed = trim(str_replace(['%', 'kg', ','], ['', '', '.'], $this->columns->cell($cells, $column)));
        if ($typed === '') {
            return null;
        }

        return is_numeric($typed) && (float) $typed >= $least && (float) $typed <= $most ? (float) $typed
            : throw new InvalidQuantity("column {$column}: “{$this->columns->cell($cells, $column)}” is no number between {$least} and {$most}");
    }
}
