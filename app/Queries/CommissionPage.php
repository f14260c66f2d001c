<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Client;
use App\Planning\Draft;
use App\Planning\Drafting;
use App\Planning\House;
use App\Planning\InvalidSpecification;
use App\Planning\Ready;
use App\Planning\SpecificationForm;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Regimen\Costing\UnknownPrice;
use Regimen\Forecast\Outlook;
use Regimen\Route\UnknownStandard;
use Regimen\Schedule\NoWorkingTime;
use Regimen\Timber\Species;

/** A commission in the making: what there is to choose from, and what it would mean. */
final readonly class CommissionPage
{
    public function __construct(private House $house, private Drafting $drafting, private Clock $clock)
    {
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        return [
            'timbers' => array_map(static function (string $name): array {
                $species = Species::named($name);

                return ['name' => $name, 'colour' => $species->colour];
            }, Species::names()),
            'clients' => Client::query()->orderBy('name')->pluck('name')->all(),
            'currency' => $this->house->shop()->currency,
            'depositPercent' => $this->house->shop()->deposit_permille / 10,
            'today' => $this->clock->today($this->house->zone()),
        ];
    }

    /**
     * @param  array<mixed>  $typed  a specification in the making
     * @return array<string, mixed>
     */
    public function forecast(array $typed, string $promise): array
    {
        try {
            $draft = $this->drafting->draft(SpecificationForm::read($typed));
            $ready = $this->drafting->ready($draft);
        } catch (InvalidSpecification $wrong) {
            return ['problems' => $wrong->problems, 'figures' => null];
        } catch (UnknownPrice|UnknownStandard|NoWorkingTime $missing) {
            return ['problems' => ['house' => $missing->getMessage()], 'figures' => null];
        }

        return ['problems' => (object) [], 'figures' => $this->figures($draft, $ready, $this->isDay($promise) ? $promise : null)];
    }

    /** @return array<string, mixed> */
    private function figures(Draft $draft, Ready $ready, ?string $promise): array
    {
        $shop = $this->house->shop();
        $quote = $draft->quote;
        $finish = $ready->finish?->setTimezone($this->house->zone())->format('Y-m-d');
        $outlook = Outlook::of($finish, $promise, $this->house->hours(), $shop->risk_days);
        $hold = array_sum(array_map(static fn ($operation): int => $operation->hold->minutes, $draft->route->operations));
        $tax = [Say::figure($shop->overhead_permille / 10, 1), Say::figure($shop->margin_permille / 10, 1)];

        return [
            'hours' => Say::figure($draft->route->work()->hours(), 1).' h',
            'hoursBecause' => Say::count(count($draft->route->operations), 'operation').' by the house standards, set-ups included; holds of '.Say::duration((int) $hold).' run beside them.',
            'material' => $quote->material->plain(),
            'materialBecause' => Say::count(count($draft->kit->lines), 'kit line').' at the house’s prices, timber with a quarter for waste.',
            'price' => $quote->price->plain(),
            'priceBecause' => "Labour {$quote->labour->plain()} + material {$quote->material->plain()} + overhead of {$tax[0]} % {$quote->overhead->plain()} = {$quote->cost->plain()}; with a margin of {$tax[1]} % of the price.",
            'deposit' => $quote->price->times($shop->deposit_permille / 1000)->plain(),
            'ready' => $finish,
            'readyBecause' => $ready->why ?? $this->readyBecause($ready),
            'verdict' => $outlook->verdict->value,
            'slackWords' => $promise === null ? null : BuildLine::slackWords($outlook),
            'drawing' => Drawings::of($draft->specification),
            'inOneLine' => $draft->specification->inOneLine(),
            'bodyThickness' => $draft->specification->bodyThickness()->inMillimetres().' · '.$draft->specification->bodyThickness()->inFraction(),
            'lastFret' => $draft->specification->frets()->last()->inMillimetres().' · '.$draft->specification->frets()->last()->inInches(),
        ];
    }

    private function readyBecause(Ready $ready): string
    {
        $words = 'Planned behind everything already promised, with the people, stations and clamps there are; parts are ordered after the drawing.';
        if ($ready->start === null || $ready->finish === null) {
            return $words;
        }
        $days = intdiv(Minutes::of($ready->finish) - Minutes::of($ready->start), 1440);

        return "{$words} The first free bench time is ".Say::moment($ready->start, $this->house->zone()).', and it is '.Say::count($days, 'day').' from there.';
    }

    private function isDay(string $text): bool
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $text);
        $years = $day === false ? 99 : abs((int) $day->format('Y') - (int) $this->clock->now()->format('Y'));

        return $day !== false && $day->format('Y-m-d') === $text && $years <= 10;
    }
}
