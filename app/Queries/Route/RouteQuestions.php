<?php

declare(strict_types=1);

namespace App\Queries\Route;

use App\Models\Build\Build;
use App\Models\House\HouseVersion;
use App\Models\Plan\Plan;
use App\Pages\Methods\QuestionChoice;
use App\Pages\Methods\RoutePrice;
use App\Pages\Methods\RouteQuestion;
use App\Planning\House\House;
use App\Planning\Route\Draft;
use App\Planning\Route\Drafting;
use App\Planning\Route\Routes;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Kept;
use App\Support\Say;
use Regimen\Route\Judge\ShopFit;
use Regimen\Route\Methods\Choice;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Methods\Question;
use Regimen\Route\Operation;
use Regimen\Route\Route;

/** The questions on which makers disagree, as one build answers them, and what another answer would cost. */
final readonly class RouteQuestions
{
    public function __construct(
        private House $house,
        private Drafting $drafting,
        private Routes $routes,
        private DaysAlone $daysAlone,
        private Clock $clock,
    ) {
    }

    /** @return list<RouteQuestion> */
    public function of(Draft $draft, Methods $methods, Methods $house): array
    {
        $rows = [];
        foreach (Question::cases() as $question) {
            if ($question->arisesFor($draft->specification)) {
                $rows[] = new RouteQuestion(
                    key: $question->value,
                    words: $question->words(),
                    answer: $methods->answer($question),
                    house: $question->choice($house->answer($question))?->words,
                    choices: array_map(
                        static fn (Choice $choice): QuestionChoice => new QuestionChoice(
                            key: $choice->key,
                            words: $choice->words,
                            follows: $choice->follows,
                        ),
                        $question->choices(),
                    ),
                );
            }
        }

        return $rows;
    }

    /**
     * Worked out once for a plan: whatever it depends on but the hour and the house’s records makes another plan.
     *
     * @return array<string, RoutePrice> by “question answer”
     */
    public function prices(Build $build): array
    {
        $from = [
            Plan::query()->max('id'), HouseVersion::query()->max('id'), $build->id, $build->route_version, $build->specification->id,
            $this->clock->now()->format('Y-m-d H'),
        ];

        return Kept::of('answers', implode(' ', $from), fn (): array => $this->priced($build), days: 1);
    }

    /** @return array<string, RoutePrice> */
    private function priced(Build $build): array
    {
        $build->load('specification', 'routeChanges');
        $specification = Revisions::read($build->specification)->orFail();
        $methods = $this->house->methods($build);
        $today = $this->drafting->worked($specification, $this->routes->of($specification, $build, $methods));
        $days = $this->daysAlone->of($today)->days;
        $fit = $this->house->fit();
        $prices = [];
        foreach ($this->others($today, $methods) as [$key, $answer]) {
            $other = $this->drafting->worked(
                $specification,
                $this->routes->of($specification, $build, $methods->with($key, $answer)),
            );
            $prices["{$key} {$answer}"] = $this->price($today, $days, $other, $fit);
        }

        return $prices;
    }

    /**
     * @return list<array{string, string}> answers to the questions that this build does not give, as question and
     *   answer
     */
    public function alternatives(Build $build): array
    {
        $build->load('specification', 'routeChanges');
        $specification = Revisions::read($build->specification)->orFail();
        $methods = $this->house->methods($build);

        return iterator_to_array(
            $this->others(
                $this->drafting->worked($specification, $this->routes->of($specification, $build, $methods)),
                $methods,
            ),
            false,
        );
    }

    /** @return iterable<array{string, string}> */
    private function others(Draft $today, Methods $methods): iterable
    {
        foreach (Question::cases() as $question) {
            foreach ($question->arisesFor($today->specification) ? $question->choices() : [] as $choice) {
                if (! $methods->is($question, $choice->key)) {
                    yield [$question->value, $choice->key];
                }
            }
        }
        $standards = $this->house->standards();
        $seen = [];
        foreach ($today->route->operations as $operation) {
            foreach (isset(
                $seen[$operation->standard->key],
            ) ? [] : $standards->ways($operation->standard->key) as $way) {
                if ($way->tool !== $operation->standard->tool) {
                    yield [Methods::toolKey($operation->standard->key), $way->tool->value];
                }
            }
            $seen[$operation->standard->key] = true;
        }
    }

    private function price(Draft $today, ?float $days, Draft $other, ShopFit $fit): RoutePrice
    {
        $hours = $other->route->work()->hours() - $today->route->work()->hours();
        $setUps = $other->route->setUps()->hours() - $today->route->setUps()->hours();
        $alone = $this->daysAlone->of($other)->days;
        $clash = $other->route->clashes[0] ?? null;

        return new RoutePrice(
            words: implode(
                ', ',
                array_filter(
                    [
                        self::signed($hours, 'h'),
                        self::signed($setUps, 'h of set-up'),
                        $days === null || $alone === null ? null : self::signed(round($alone - $days, 1), 'days'),
                    ],
                ),
            ) ?: 'the same hours and days',
            problem: array_values(array_diff($fit->problems($other->route), $fit->problems($today->route)))[0]
                ?? ($clash === null || $today->route->clashes !== [] ? null : $clash->words()),
            order: self::moved($today->route, $other->route),
        );
    }

    private static function signed(float $value, string $unit): ?string
    {
        return abs($value) < 0.05 ? null : ($value > 0 ? '+' : '−').Say::figure(abs($value), 1)." {$unit}";
    }

    /** What comes on the route and what goes, by name. */
    private static function moved(Route $today, Route $other): string
    {
        $names = static fn (Route $route): array => array_map(
            static fn (Operation $operation): string => $operation->name, $route->operations,
        );
        $added = array_diff($names($other), $names($today));
        $gone = array_diff($names($today), $names($other));

        return trim(
            ($added === [] ? '' : 'adds '.implode(', ', $added)).($gone === [] ? '' : ' drops '.implode(', ', $gone)),
        );
    }
}
