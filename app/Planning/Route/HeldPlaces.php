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

    /** @var array<int, array{Quote, list<Activity>}>|null by place */
    private ?array $held = null;

    public function __construct(private readonly House $house, private readonly Routes $routes, private readonly DraftActivities $drafts, private readonly Clock $clock)
    {
    }

    /**
     * @param  int  $but  an enquiry whose own quotes hold no place against it
     * @return array<int, list<Activity>> by place, from 1 in the order in which they were given
     */
    public function places(int $but = 0): array
    {
        $places = [];
        foreach ($this->house->shop()->quotes_hold ? $this->all() : [] as $place => [$quote, $activities]) {
            if ($quote->enquiry_id !== $but) {
                $places[$place] = $activities;
            }
        }

        return $places;
    }

    /** @return array<int, array{Quote, list<Activity>}> by place, whether quotes hold one or not */
    public function all(): array
    {
        return $this->held ??= $this->read();
    }

    /** @return Collection<int, Quote> that are open and still valid */
    public function quotes(): Collection
    {
        return Quote::query()->open()->where('valid_until', '>=', $this->clock->today($this->house->zone()))->orderBy('number')->limit(self::MOST)->get();
    }

    /** @return array<int, array{Quote, list<Activity>}> */
    private function read(): array
    {
        $held = [];
        foreach ($this->quotes() as $quote) {
            $specification = SpecificationReader::read($quote->typed, $quote->house)->specification;
            if ($specification === null) {
                continue;
            }
            try {
                $held[count($held) + 1] = [$quote, $this->drafts->of($this->routes->of($specification, null)->route, Kit::for($specification, $this->house->prices()), count($held) + 1)];
            } catch (UnknownPrice|UnknownStandard) {
                continue;
            }
        }

        return $held;
    }
}
