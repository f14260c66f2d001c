<?php

declare(strict_types=1);

namespace Regimen\Formats;

use Regimen\Units\InvalidQuantity;
use Regimen\Units\UnreadableFile;

/** The cells of a table by the names of its columns; what is wrong in one is said with its column. */
final readonly class NamedCells
{
    /** @param  array<string, int>  $columns  by name */
    private function __construct(private array $columns)
    {
    }

    /**
     * Units behind a name are left out of it: `length, mm`.
     *
     * @param  list<string>  $known
     *
     * @throws UnreadableFile for a column that is not known, or stands there twice
     */
    public static function of(CsvTable $table, array $known): self
    {
        $columns = [];
        foreach ($table->columns as $at => $column) {
            $name = (string) preg_replace('/\s*[,(\[].*$/', '', mb_strtolower($column));
            if ($name !== '' && ! in_array($name, $known, true)) {
                throw UnreadableFile::at(1, "column “{$column}” is not known. The first line names the columns (title lines above it are taken out first): ".implode(', ', $known));
            }
            if (isset($columns[$name])) {
                throw UnreadableFile::at(1, "column “{$column}” stands there twice");
            }
            if ($name !== '') {
                $columns[$name] = $at;
            }
        }

        return new self($columns);
    }

    public function has(string $column): bool
    {
        return isset($this->columns[$column]);
    }

    /**
     * @param  list<string>  $needed
     * @return list<string> that are missing
     */
    public function missing(array $needed): array
    {
        return array_values(array_diff($needed, array_keys($this->columns)));
    }

    /** @param  list<string>  $cells */
    public function cell(array $cells, string $column): string
    {
        // A spreadsheet is kept from taking a text for a formula by a mark in front of it.
        return isset($this->columns[$column]) ? (string) preg_replace('/^\'(?=[=+@-])/', '', trim($cells[$this->columns[$column]] ?? '')) : '';
    }

    /**
     * @template T
     *
     * @param  list<string>  $cells
     * @param  \Closure(string): T  $read
     * @return T|null null where nothing stands there
     *
     * @throws InvalidQuantity naming the column
     */
    public function given(array $cells, string $column, \Closure $read): mixed
    {
        $typed = $this->cell($cells, $column);

        return $typed === '' ? null : self::at($column, static fn (): mixed => $read($typed));
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $read
     * @return T
     *
     * @throws InvalidQuantity naming the column
     */
    public static function at(string $column, \Closure $read): mixed
    {
        try {
            return $read();
        } catch (\InvalidArgumentException|InvalidQuantity $wrong) {
            throw new InvalidQuantity("column {$column}: ".rtrim($wrong->getMessage(), '.'));
        }
    }

    /**
     * @param  list<string>  $cells
     * @param  list<string>  $needed
     *
     * @throws InvalidQuantity naming the first that is empty
     */
    public function mustBeWhole(array $cells, array $needed): void
    {
        foreach ($needed as $column) {
            if ($this->cell($cells, $column) === '') {
                $isTotal = preg_grep('/^\W*(sub)?(total|sum)/i', $cells) !== [];
                throw new InvalidQuantity("column {$column} is empty".($isTotal ? '; take lines with totals out' : ''));
            }
        }
    }
}
