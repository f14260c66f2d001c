<?php

declare(strict_types=1);

namespace App\Queries\TakingIn;

use App\Http\Requests\TakingIn\FinishedRequest;
use App\Pages\Shop\Option;
use App\Pages\TakingIn\FinishedProps;
use App\Pages\TakingIn\TableSeen;
use App\Queries\Specification\HouseModelsPage;
use App\Support\Say;
use Regimen\Formats\Finished\FinishedInstrument;
use Regimen\Formats\Finished\FinishedTable;
use Regimen\Units\UnreadableFile;

/** A table of finished instruments: what its columns may be, and what would be taken of it. */
final class FinishedPage
{
    private const SHOWN = 5;

    /** Words by which a column is guessed, before it is matched by hand. */
    private const SIGNS = [
        FinishedTable::NUMBER => '/^(no|nr|num|#)/', FinishedTable::CLIENT => '/client|customer/',
        FinishedTable::FINISHED => '/finish|date|done|delivered/', FinishedTable::NAME => '/name|title|instrument|model/',
        FinishedTable::HOURS => '/^(hours|total|h)$/',
    ];

    public function data(): FinishedProps
    {
        $meanings = FinishedTable::meanings();

        return new FinishedProps(
            meanings: array_map(
                static fn (string $value, string $words): Option => new Option($value, $words), array_keys($meanings), $meanings,
            ),
            models: HouseModelsPage::choices(),
        );
    }

    public function look(FinishedRequest $request): TableSeen
    {
        try {
            $table = $request->table();
        } catch (UnreadableFile $refused) {
            return new TableSeen([], [], [], $refused->getMessage(), '');
        }
        $problem = $words = '';
        try {
            $words = $request->filled('columns') ? $this->words($request->finished()) : '';
        } catch (UnreadableFile $refused) {
            $problem = $refused->getMessage();
        }

        return new TableSeen(
            $table->columns, $this->guesses($table->columns), array_slice($table->rows, 0, self::SHOWN), $problem, $words,
        );
    }

    /** @param  list<FinishedInstrument>  $finished */
    private function words(array $finished): string
    {
        $days = array_map(static fn (FinishedInstrument $one): string => $one->finished->format('Y-m-d'), $finished);
        $minutes = array_sum(array_map(static fn (FinishedInstrument $one): int => array_sum($one->minutes), $finished));

        return $days === [] ? '' : Say::count(count($finished), 'instrument').', finished from '.Say::dayAndYear(min($days)).' to '
            .Say::dayAndYear(max($days)).', '.Say::duration($minutes).' worked on them.';
    }

    /**
     * @param  list<string>  $columns
     * @return list<string>
     */
    private function guesses(array $columns): array
    {
        $guessed = [];
        foreach ($columns as $column) {
            $guess = '';
            foreach ([...self::SIGNS, ...$this->stages()] as $meaning => $sign) {
                if ($guess === '' && preg_match($sign, mb_strtolower($column)) === 1 && ! in_array($meaning, $guessed, true)) {
                    $guess = $meaning;
                }
            }
            $guessed[] = $guess;
        }

        return $guessed;
    }

    /** @return array<string, string> */
    private function stages(): array
    {
        $signs = [];
        foreach (array_keys(FinishedTable::meanings()) as $meaning) {
            if (str_starts_with($meaning, FinishedTable::HOURS.'.')) {
                $signs[$meaning] = '/\b'.preg_quote(substr($meaning, strlen(FinishedTable::HOURS) + 1), '/').'/';
            }
        }

        return $signs;
    }
}
