<?php

declare(strict_types=1);

namespace App\Planning\Route;

use App\Models\Client\Quote;
use App\Planning\House\House;
use App\Planning\Problem\DraftActivities;
use App\Support\Clock;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Costing\Kit;
use Regimen\Costing\UnknownPrice;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Route\Standards\UnknownStandard;
use Regimen\Schedule\Problem\Activity;

/**
 * What is quoted and not answered yet holds its place behind everything promised, where the house wants it so: whoever asks next is
 * planned behind it.
 */
final class HeldPlaces
{
    /** So many quotes at once are looked at; a shop that has more open plans behind the latest of them. */
    private const MOST = 12;

    /** @var array<int, list<Activity>>|null by quote */
    private ?array $held = null;

    public function __construct(private readonly House $house, private readonly Routes $routes, private readonly DraftActivities $drafts, private readonly Clock $clock)
    {
    }

    /** @return list<list<Activity>> in the order in which they were given, their builds counted from 1 */
    public function places(): array
    {
        return $this->house->shop()->quotes_hold ? array_values($this->byQuote()) : [];
    }

    /** @return array<int, list<Activity>> by quote, in the order in which they were given, whether they hold a place or not */
    public function byQuote(): array
    {
        return $this->held ??= $this->read();
    }

    /** @return Collection<int, Quote> that are open and still valid */
    public function quotes(): Collection
    {
        return Quote::query()->open()->where('valid_until', '>=', $this->clock->today($this->house->zone()))->orderBy('number')->limit(self::MOST)->get();
    }

    /** @return array<int, list<Activity>> */
    private function read(): array
    {
        $held = [];
        foreach ($this->quotes() as $quote) {
            $specification = SpecificationReader::read($quote->typed, $quote->house)->specification;
            if ($specification === null || $specification->routeLacks() !== '') {
                continue;
            }
            try {
                $held[$quote->id] = $this->drafts->of($this->routes->of($specification, null)->route, Kit::for($specification, $this->house->prices()), count($held) + 1);
            } catch (UnknownPrice|UnknownStandard) {
                continue;
            }
        }

        return $held;
    }
}
