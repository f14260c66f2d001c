<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use App\Actions\Plan\Changes\Choices;
use App\Models\Build\Build;
use App\Models\Client\Client;
use App\Pages\Build\Forecast;
use App\Pages\Build\ForecastFigures;
use App\Pages\Build\NewCommissionProps;
use App\Pages\Dict;
use App\Pages\Worked\SaidFinding;
use App\Planning\Forecast\DraftChances;
use App\Planning\House\House;
use App\Planning\Route\Draft;
use App\Planning\Route\Drafting;
use App\Planning\Route\WorthTwo;
use App\Planning\Specification\Ready;
use App\Planning\Specification\Revisions;
use App\Queries\Build\BuildLines;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Regimen\Costing\PriceWay;
use Regimen\Costing\UnknownPrice;
use Regimen\Figures\Workings;
use Regimen\Findings\Checks\RuleBook;
use Regimen\Findings\Finding;
use Regimen\Findings\Severity;
use Regimen\Forecast\Outlook;
use Regimen\Forecast\Simulation\BuildOutcome;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Route\Standards\UnknownStandard;
use Regimen\Schedule\Time\NoWorkingTime;

/** A commission in the making: what there is to choose from, and what it would mean. */
final readonly class CommissionPage
{
    /** So many are proposed; whoever is not among them is typed. */
    private const CLIENTS = 2_000;

    public function __construct(
        private House $house,
        private Drafting $drafting,
        private Revisions $revisions,
        private DraftChances $chances,
        private ChanceWords $chanceWords,
        private WorthTwo $worthTwo,
        private Clock $clock,
    ) {
    }

    /**
     * @param  bool  $takesIn  what is on the bench already rather than what is to be begun
     * @param  Build|null  $again  a build that is made once more
     */
    public function data(bool $takesIn = false, int $client = 0, ?Build $again = null): NewCommissionProps
    {
        return new NewCommissionProps(
            takesIn: $takesIn,
            nextNumber: Build::nextNumber(),
            fields: WorkedOut::fields(),
            models: HouseModelsPage::choices(),
            clients: array_values(Client::query()->known()->orderBy('name')->limit(self::CLIENTS)->pluck('name')->all()),
            client: (string) Client::query()->known()->whereKey($client)->value('name'),
            currency: $this->house->shop()->currency,
            depositPercent: $this->house->shop()->deposit_permille / 10,
            today: $this->clock->today($this->house->zone()),
            promiseKinds: Choices::promises(),
            again: $again?->number,
            againWords: $again === null ? '' : "No. {$again->number} {$again->title} once more: the same specification and the same order of work; what went wrong then stands at each operation.",
            specification: new Dict($again === null ? [] : $this->typedAgain($again)),
        );
    }

    /**
     * All that was said of it, and what the house said then and says otherwise now; wishes, weight and budget were that client’s own.
     *
     * @return array<string, mixed>
     */
    private function typedAgain(Build $again): array
    {
        $revision = $again->specification;
        $now = $this->revisions->house($revision->client, null);
        $then = array_filter($revision->house, static fn (mixed $value, string|int $key): bool => ($now[$key] ?? null) !== $value && $value !== '' && $value !== null, ARRAY_FILTER_USE_BOTH);

        return array_diff_key([...$then, ...$revision->client], array_flip(['wishes', 'budget', 'targetWeight', 'name', 'purpose']));
    }

    /**
     * @param  array<mixed>  $typed  a specification in the making
     */
    public function forecast(array $typed, ?int $model, string $promise): Forecast
    {
        $house = $this->revisions->house($typed, $model);
        $read = SpecificationReader::read($typed, $house);
        $values = WorkedOut::values($read, $typed, $house);
        if ($read->specification === null) {
            return new Forecast(problems: new Dict($read->problems), values: $values, figures: null);
        }
        try {
            $draft = $this->drafting->draft($read->specification);
            $ready = $this->drafting->ready($draft);
            $chances = $ready->finish === null ? null : $this->chances->of($draft);
        } catch (UnknownPrice|UnknownStandard|NoWorkingTime $missing) {
            return new Forecast(problems: new Dict(['house' => $missing->getMessage()]), values: $values, figures: null);
        }

        return new Forecast(
            problems: new Dict([]),
            values: $values,
            figures: $this->figures($read, $draft, $ready, $this->isDay($promise) ? $promise : null, $chances),
        );
    }

    /** @param  array<mixed>  $typed  a specification in the making */
    public function second(array $typed, ?int $model): string
    {
        $read = SpecificationReader::read($typed, $this->revisions->house($typed, $model));
        if ($read->specification === null) {
            return 'Mend the specification first.';
        }
        try {
            return $this->worthTwo->words($this->drafting->draft($read->specification));
        } catch (UnknownPrice|UnknownStandard|NoWorkingTime $missing) {
            return $missing->getMessage();
        }
    }

    private function figures(ReadSpecification $read, Draft $draft, Ready $ready, ?string $promise, ?BuildOutcome $chances): ForecastFigures
    {
        $shop = $this->house->shop();
        $quote = $draft->quote;
        $finish = $ready->finish?->setTimezone($this->house->zone())->format('Y-m-d');
        $outlook = Outlook::judge($finish, $promise, $this->house->hours(), $shop->risk_days);
        $hold = array_sum(
            array_map(static fn ($operation): int => $operation->hold->minutes, $draft->route->operations),
        );
        $rate = $this->house->tax();
        $gross = $quote->price->plus($rate->on($quote->price));
        $tax = [Say::figure($shop->overhead_permille / 10, 1), Say::figure($shop->margin_permille / 10, 1)];

        return new ForecastFigures(
            hours: Say::figure($draft->route->work()->hours(), 1).' h',
            hoursBecause: Say::count(count($draft->route->operations), 'operation')
                .' by the house standards, set-ups included; holds of '.Say::duration((int) $hold).' run beside them.',
            material: $quote->material->plain(),
            materialBecause: Say::count(count($draft->kit->lines), 'kit line')
                .' at the house’s prices, timber with a quarter for waste.',
            price: $gross->plain(),
            priceBecause: "Labour {$quote->labour->plain()} + material {$quote->material->plain()} + overhead of {$tax[0]} % "
                    ."{$quote->overhead->plain()} = {$quote->cost->plain()}; with a "
                        .($shop->price_way === PriceWay::Margin ? "margin of {$tax[1]} % of the price." : "mark-up of {$tax[1]} % of the cost.").($rate->permille === 0 ? '' : " Tax of {$rate->percent()} % comes on top of {$quote->price->plain()}."),
            deposit: $gross->times($shop->deposit_permille / 1000)->plain(),
            ready: $finish,
            readyBecause: $ready->why ?? $this->readyBecause($ready),
            promisable: $chances === null ? null : $this->chanceWords->promisable($chances),
            chances: $chances === null ? [] : $this->chanceWords->lines($chances),
            promiseChance: $chances === null || $promise === null ? null : $this->chanceWords->percent($chances, $promise),
            promiseWords: $chances === null ? '' : $this->chanceWords->earlier($chances),
            verdict: $outlook->verdict,
            slackWords: $promise === null ? null : BuildLines::slackWords($outlook),
            drawing: Drawings::of($read),
            inOneLine: $draft->specification->inOneLine(),
            bodyThickness: $draft->specification->bodyThickness()->inMillimetres().' · '
                .$draft->specification->bodyThickness()->inFraction(),
            findings: self::open($this->revisions->workings($read)),
            lastFret: $draft->specification->frets()->last()->inMillimetres().' · '
                .$draft->specification->frets()->last()->inInches(),
        );
    }

    /** @return list<SaidFinding> stops and warnings, to be fixed or accepted on the specification's own page */
    private static function open(Workings $workings): array
    {
        $open = array_filter(
            RuleBook::findings($workings),
            static fn (Finding $finding): bool => $finding->severity !== Severity::Note,
        );

        return array_values(
            array_map(
                static fn (Finding $finding): SaidFinding => new SaidFinding(
                    severity: $finding->severity,
                    title: $finding->title,
                    figures: $finding->figures,
                ),
                $open,
            ),
        );
    }

    private function readyBecause(Ready $ready): string
    {
        $words = 'Planned behind everything already promised, with the people, stations and clamps there are; parts '
            .'are '
            .'ordered after the drawing.';
        if ($ready->start === null || $ready->finish === null) {
            return $words;
        }
        $days = intdiv(Minutes::of($ready->finish) - Minutes::of($ready->start), 1440);

        return "{$words} The first free bench time is ".Say::moment($ready->start, $this->house->zone()).', and it is '
            .Say::count($days, 'day').' from there.';
    }

    private function isDay(string $text): bool
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $text);
        $years = $day === false ? 99 : abs((int) $day->format('Y') - (int) $this->clock->now()->format('Y'));

        return $day !== false && $day->format('Y-m-d') === $text && $years <= 10;
    }
}
