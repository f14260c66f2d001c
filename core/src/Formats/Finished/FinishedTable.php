<?php

declare(strict_types=1);

namespace Regimen\Formats\Finished;

use DateTimeImmutable;
use Regimen\Formats\CsvTable;
use Regimen\Route\Standards\Stage;
use Regimen\Units\DayText;
use Regimen\Units\Duration;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\UnreadableFile;

/** Finished instruments out of a table whose columns were matched by hand. All of them or none. */
final class FinishedTable
{
    public const NUMBER = 'number';

    public const NAME = 'name';

    public const CLIENT = 'client';

    public const FINISHED = 'finished';

    public const HOURS = 'hours';

    private const MOST_SAID = 12;

    private const MOST_MINUTES = 60 * 2000;

    /** @var array<int, string> */
    private array $refused = [];

    /**
     * @param  array<string, int>  $columns  which column is what: one of the above, or `hours.` and a stage
     * @param  bool  $dayFirst  how 3/4/2026 is meant
     */
    private function __construct(
        private readonly array $columns,
        private readonly DateTimeImmutable $today,
        private readonly bool $dayFirst,
    ) {
    }

    /** @return array<string, string> what a column can be, in words */
    public static function meanings(): array
    {
        $meanings = [
            self::NUMBER => 'number', self::NAME => 'name', self::CLIENT => 'client', self::FINISHED => 'finished on',
            self::HOURS => 'hours, all together',
        ];
        foreach (Stage::cases() as $stage) {
            $meanings[self::HOURS.".{$stage->value}"] = "hours: {$stage->words()}";
        }

        return $meanings;
    }

    /**
     * @param  array<string, int>  $columns
     * @return list<FinishedInstrument>
     *
     * @throws UnreadableFile naming each line that cannot be taken
     */
    public static function read(CsvTable $table, array $columns, DateTimeImmutable $today, bool $dayFirst): array
    {
        if (! isset($columns[self::NAME], $columns[self::FINISHED])) {
            throw UnreadableFile::because('Say which column is the name, and which one the day on which it was finished.');
        }
        $reader = new self($columns, $today, $dayFirst);
        $finished = [];
        foreach ($table->rows as $line => $cells) {
            $finished[] = $reader->instrument($line, $cells);
        }
        $reader->numbersAreTheirOwn(array_filter($finished));
        if ($reader->refused !== []) {
            ksort($reader->refused);
            throw UnreadableFile::lines(array_slice($reader->refused, 0, self::MOST_SAID, true));
        }

        return array_values(array_filter($finished));
    }

    /** @param  list<string>  $cells */
    private function instrument(int $line, array $cells): ?FinishedInstrument
    {
        try {
            $name = $this->cell($cells, self::NAME);
            if ($name === '' || mb_strlen($name) > 40) {
                throw new InvalidQuantity('a name of up to 40 letters is missing');
            }
            $number = $this->cell($cells, self::NUMBER);
            if ($number !== '' && preg_match('/^[1-9]\d{0,4}$/', $number) !== 1) {
                throw new InvalidQuantity("“{$number}” is no number of a build");
            }

            return new FinishedInstrument(
                $line,
                $number === '' ? null : (int) $number,
                $name,
                mb_substr($this->cell($cells, self::CLIENT), 0, 80),
                $this->day($this->cell($cells, self::FINISHED)),
                $this->minutes($cells),
            );
        } catch (InvalidQuantity $wrong) {
            $this->refused[$line] = rtrim($wrong->getMessage(), '.');

            return null;
        }
    }

    private function day(string $typed): DateTimeImmutable
    {
        $day = DayText::parse($typed, $this->today, true, $this->dayFirst);

        return $day > $this->today || $day < $this->today->modify('-50 years')
            ? throw new InvalidQuantity("“{$typed}” is no day on which it can have been finished")
            : $day;
    }

    /**
     * @param  list<string>  $cells
     * @return array<string, int>
     */
    private function minutes(array $cells): array
    {
        $minutes = [];
        foreach (['' => self::HOURS, ...array_combine(
            array_column(Stage::cases(), 'value'),
            array_map(static fn (Stage $stage): string => self::HOURS.".{$stage->value}", Stage::cases()),
        )] as $stage => $meaning) {
            $typed = $this->cell($cells, $meaning);
            // A plain number is hours, with a point or a comma.
            $typed = preg_match('/^\d+([.,]\d+)?$/', $typed) === 1 ? str_replace(',', '.', $typed).' h' : $typed;
            $worked = $typed === '' ? 0 : Duration::parse($typed)->minutes;
            if ($worked > self::MOST_MINUTES) {
                throw new InvalidQuantity("“{$typed}” is more than 2000 hours");
            }
            if ($worked > 0) {
                $minutes[$stage] = $worked;
            }
        }
        if (isset($minutes['']) && count($minutes) > 1) {
            unset($minutes['']);
        }

        return $minutes;
    }

    /** @param  list<string>  $cells */
    private function cell(array $cells, string $meaning): string
    {
        return isset($this->columns[$meaning]) ? $cells[$this->columns[$meaning]] ?? '' : '';
    }

    /** @param  array<int, FinishedInstrument>  $finished */
    private function numbersAreTheirOwn(array $finished): void
    {
        $seen = [];
        foreach ($finished as $one) {
            if ($one->number !== null && isset($seen[$one->number])) {
                $this->refused[$one->line] = "No. {$one->number} stands in line {$seen[$one->number]} already";
            }
            $seen[$one->number ?? -$one->line] = $one->line;
        }
    }
}
