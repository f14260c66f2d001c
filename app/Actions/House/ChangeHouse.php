<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\Recording;
use App\Models\People\Person;
use App\Models\ShopModel;
use App\Support\Refused;

/** Changes a record of the house (the shop, a standard, a price, a station or fixture) and plans again. */
final readonly class ChangeHouse
{
    public function __construct(private Recording $recording, private KeepVersion $keepVersion)
    {
    }

    /**
     * @param  array<string, mixed>  $attributes
     * @param  string  $source  where the new values come from: the house, or what it has learned
     * @param  string  $because  a sentence more for the logbook
     */
    public function __invoke(
        Person $by,
        ShopModel $record,
        int $version,
        array $attributes,
        string $what,
        string $source = 'house',
        string $because = '',
    ): void {
        $this->recording->keep(function () use ($by, $record, $version, $attributes, $what, $source, $because): void {
            Refused::ifStale((int) $record->getAttribute('version'), $version, ucfirst($what));
            $before = ($this->keepVersion)($by, $record, $attributes, $source);
            $changes = array_keys(
                array_filter(
                    $record->only(array_keys($attributes)),
                    static fn (mixed $now, string $key): bool => $now != $before[$key], ARRAY_FILTER_USE_BOTH,
                ),
            );
            $listed = implode(
                '; ',
                array_map(
                    static fn (string $key): string => "{$key} from ".json_encode($before[$key]).' to '
                        .json_encode($record->getAttribute($key)),
                    $changes,
                ),
            );
            $this->recording->log(
                null, $by, 'house', ucfirst($what).' changed'.($listed === '' ? '.' : ": {$listed}.").$because,
            );
            $this->recording->planAnew("{$what} changed");
        });
    }
}
