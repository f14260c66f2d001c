<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Recording;
use App\Models\Build\KitLine;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Support\Refused;

/** Several parts at once: ordered together, or there with one parcel. All of them or none. */
final readonly class RecordParcel
{
    public function __construct(private Recording $recording, private RecordArrival $arrival, private OrderPart $order, private House $house)
    {
    }

    /**
     * @param  array<int, int>  $versions  of the lines, by their numbers
     * @return int how many
     */
    public function arrived(Person $by, array $versions): int
    {
        return $this->recording->keep(function () use ($by, $versions): int {
            foreach ($this->lines($versions) as $line) {
                ($this->arrival)($by, $line, $versions[$line->id]);
            }

            return count($versions);
        });
    }

    /**
     * At what each was estimated at; another price is entered where it comes.
     *
     * @param  array<int, int>  $versions
     */
    public function ordered(Person $by, array $versions, string $expectedOn): int
    {
        return $this->recording->keep(function () use ($by, $versions, $expectedOn): int {
            foreach ($this->lines($versions) as $line) {
                ($this->order)($by, $line, $versions[$line->id], $expectedOn, $this->house->money($line->costMinor()));
            }

            return count($versions);
        });
    }

    /**
     * @param  array<int, int>  $versions
     * @return list<KitLine>
     */
    private function lines(array $versions): array
    {
        $lines = array_values(KitLine::query()->with('build')->whereKey(array_keys($versions))->orderBy('id')->get()->all());

        return count($lines) === count($versions) ? $lines : throw Refused::because('One of these parts is not in a kit any more. Look at the list again; nothing was changed.');
    }
}
