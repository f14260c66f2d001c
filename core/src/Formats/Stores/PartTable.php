<?php

declare(strict_types=1);

namespace Regimen\Formats\Stores;

use Regimen\Formats\CsvTable;
use Regimen\Formats\NamedCells;
use Regimen\Parts\PartGroup;
use Regimen\Stores\Stock\Amount;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Money;
use Regimen\Units\Scalar;
use Regimen\Units\UnreadableFile;

/**
 * Parts with their stock and prices as a table (RFC 4180): a line for a part, and one more for each further supplier. All of it or nothing, with line and
 * column of what is wrong.
 */
final class PartTable
{
    /** In the order in which they are written. */
    public const COLUMNS = ['part', 'kind', 'unit', 'drawer', 'stock', 'least', 'supplier', 'their number', 'price', 'days', 'note'];

    private const MOST_LETTERS = 80;

    private const MOST_SAID = 12;

    private const MOST_DAYS = 730;

    private function __construct(private readonly NamedCells $cells, private readonly string $currency)
    {
    }

    /**
     * @return list<PartRow>
     *
     * @throws UnreadableFile naming each line and column that cannot be taken
     */
    public static function read(string $bytes, string $currency): array
    {
        $table = CsvTable::read($bytes);
        $reader = new self(NamedCells::of($table, self::COLUMNS), $currency);
        if ($reader->cells->missing(['part']) !== []) {
            throw UnreadableFile::at(1, 'there is no column part, which names what each line is about');
        }
        $rows = $refused = [];
        foreach ($table->rows as $line => $cells) {
            try {
                $rows[] = $reader->row($line, $cells);
            } catch (InvalidQuantity $wrong) {
                $refused[$line] = rtrim($wrong->getMessage(), '.');
            }
        }
        $refused += self::contradictions($rows);
        if ($refused !== []) {
            ksort($refused);
            throw UnreadableFile::lines(array_slice($refused, 0, self::MOST_SAID, true));
        }

        return $rows;
    }

    /**
     * One part in several lines is the same part in all of them.
     *
     * @param  list<PartRow>  $rows
     * @return array<int, string> by line
     */
    private static function contradictions(array $rows): array
    {
        $refused = $first = $sold = [];
        foreach ($rows as $row) {
            $known = $first[$row->name] ??= $row;
            foreach (['kind' => 'group', 'unit' => 'unit', 'drawer' => 'place', 'stock' => 'stock', 'least' => 'least'] as $column => $property) {
                if ($row->{$property} !== null && $known->{$property} !== null && $row->{$property} !== $known->{$property}) {
                    $refused[$row->line] = "column {$column}: line {$known->line} says something else of “{$row->name}”".($column === 'drawer' ? '; a part lies in one drawer' : '');
                }
            }
            $key = "{$row->name}\n{$row->supplier}";
            if (isset($sold[$key])) {
                $refused[$row->line] = "column part: “{$row->name}”".($row->supplier === null ? '' : " of {$row->supplier}")." stands in line {$sold[$key]} already";
            }
            $sold[$key] = $row->line;
        }

        return $refused;
    }

    /** @param  list<string>  $cells */
    private function row(int $line, array $cells): PartRow
    {
        $this->cells->mustBeWhole($cells, ['part']);
        $unit = $this->text($cells, 'unit', 20);
        if ($unit !== null && preg_match('/^\pL+$/u', $unit) !== 1) {
            throw new InvalidQuantity("column unit: “{$unit}” is no unit; one word is, such as piece, set, m or ml");
        }
        $price = $this->cells->given($cells, 'price', fn (string $typed): Money => Money::parse($typed, $this->currency));
        $days = $this->cells->given($cells, 'days', self::days(...));
        $supplier = $this->text($cells, 'supplier', self::MOST_LETTERS);
        if ($supplier === null && ($price !== null || $days !== null)) {
            throw new InvalidQuantity('column supplier is empty: a price and its days are somebody’s');
        }

        return new PartRow(
            $line, (string) $this->text($cells, 'part', self::MOST_LETTERS), $this->cells->given($cells, 'kind', self::group(...)), $unit, $this->text($cells, 'drawer', 60),
            $this->amount($cells, 'stock', $unit), $this->amount($cells, 'least', $unit), $supplier, $this->text($cells, 'their number', 60), $price, $days, $this->text($cells, 'note', 1_000),
        );
    }

    private static function group(string $typed): PartGroup
    {
        $key = str_replace(' ', '-', mb_strtolower($typed));
        $group = PartGroup::tryFrom($key);
        $kinds = array_filter(PartGroup::cases(), static fn (PartGroup $one): bool => ! in_array($one, PartGroup::timber(), true));

        return $group !== null && in_array($group, $kinds, true) ? $group : throw new InvalidQuantity(
            "“{$typed}” is none of ".implode(', ', array_map(static fn (PartGroup $one): string => $one->value, $kinds)),
        );
    }

    private static function days(string $typed): int
    {
        return preg_match('/^\d{1,3}$/', $typed) === 1 && (int) $typed <= self::MOST_DAYS ? (int) $typed : throw new InvalidQuantity("“{$typed}” is no number of days from 0 to ".self::MOST_DAYS);
    }

    /** @param  list<string>  $cells */
    private function amount(array $cells, string $column, ?string $unit): ?int
    {
        return $this->cells->given($cells, $column, static function (string $typed) use ($unit): int {
            $amount = Amount::of(Scalar::plain($typed));

            return match (true) {
                $amount < 0 => throw new InvalidQuantity("“{$typed}” is below zero"),
                $unit !== null && ! Amount::canBe($amount, $unit) => throw new InvalidQuantity("there are no halves of a {$unit}"),
                default => $amount,
            };
        });
    }

    /** @param  list<string>  $cells */
    private function text(array $cells, string $column, int $most): ?string
    {
        return $this->cells->given($cells, $column, static fn (string $typed): string => mb_strlen($typed) <= $most ? $typed : throw new InvalidQuantity('longer than it can be kept'));
    }
}
