<?php

declare(strict_types=1);

namespace Regimen\Formats\Bank;

use Regimen\Formats\CsvTable;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Money;
use Regimen\Units\UnreadableFile;

/** A bank’s list of what came and went (RFC 4180). What went is left out. All of it or nothing, with line and column of what is wrong. */
final readonly class BankFile
{
    private const MOST_SAID = 12;

    /** @param  list<BankLine>  $came */
    private function __construct(public array $came, public int $went)
    {
    }

    /** @throws UnreadableFile naming what is wrong; a column that is missing tells a file of another bank */
    public static function read(string $bytes, BankColumns $columns, string $currency): self
    {
        $table = CsvTable::read($bytes);
        $at = [];
        foreach (array_filter([$columns->date, $columns->amount, $columns->currency, ...$columns->words]) as $name) {
            $found = array_keys(array_map(mb_strtolower(...), $table->columns), mb_strtolower(trim($name)), true);
            if (count($found) !== 1) {
                throw UnreadableFile::at(1, ($found === [] ? "there is no column “{$name}”. It is a file of another bank, or the bank has changed it: it has " : "column “{$name}” stands there twice, among ").implode(', ', $table->columns));
            }
            $at[mb_strtolower(trim($name))] = $found[0];
        }
        $cell = static fn (array $cells, string $name): string => trim((string) ($cells[$at[mb_strtolower(trim($name))]] ?? ''));
        $came = $refused = $seen = [];
        $went = 0;
        foreach ($table->rows as $line => $cells) {
            try {
                $on = self::day($cell($cells, $columns->date), $columns->dayFirst);
                $minor = self::amount($cell($cells, $columns->amount), $currency);
                $said = $columns->currency === '' ? '' : mb_strtoupper($cell($cells, $columns->currency));
                if ($said !== '' && $said !== $currency) {
                    throw new InvalidQuantity("column {$columns->currency}: “{$said}” is not the house’s {$currency}");
                }
            } catch (InvalidQuantity $wrong) {
                $refused[$line] = rtrim($wrong->getMessage(), '.');

                continue;
            }
            if ($minor <= 0) {
                $went++;

                continue;
            }
            $words = trim((string) preg_replace('/\s+/u', ' ', implode(' · ', array_filter(array_map(static fn (string $name): string => $cell($cells, $name), $columns->words)))));
            $key = "{$on}\n{$minor}\n{$words}";
            $seen[$key] = ($seen[$key] ?? 0) + 1;
            $came[] = new BankLine($line, $on, Money::ofMinor($minor, $currency), $words, hash('sha256', "{$key}\n{$seen[$key]}"));
        }
        if ($refused !== []) {
            throw UnreadableFile::lines(array_slice($refused, 0, self::MOST_SAID, true));
        }

        return new self($came, $went);
    }

    /** @throws InvalidQuantity */
    private static function day(string $typed, bool $dayFirst): string
    {
        $parts = preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})/', $typed, $iso) === 1 ? [$iso[1], $iso[2], $iso[3]] : null;
        if ($parts === null && preg_match('#^(\d{1,2})[./-](\d{1,2})[./-](\d{4}|\d{2})$#', $typed, $said) === 1) {
            $year = strlen($said[3]) === 2 ? "20{$said[3]}" : $said[3];
            $parts = $dayFirst ? [$year, $said[2], $said[1]] : [$year, $said[1], $said[2]];
        }
        if ($parts === null || ! checkdate((int) $parts[1], (int) $parts[2], (int) $parts[0])) {
            throw new InvalidQuantity("“{$typed}” is no day; it is read as ".($dayFirst ? 'day, month, year' : 'month, day, year').', or as 2026-03-31');
        }

        return sprintf('%04d-%02d-%02d', $parts[0], $parts[1], $parts[2]);
    }

    /** @throws InvalidQuantity */
    private static function amount(string $typed, string $currency): int
    {
        $isBelow = preg_match('/^\s*[-−(]|-\s*$/u', $typed) === 1;
        $plain = (string) preg_replace('/[-−+()]/u', '', $typed);

        return Money::parse($plain, $currency)->minor * ($isBelow ? -1 : 1);
    }
}
