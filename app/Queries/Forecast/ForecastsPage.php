<?php

declare(strict_types=1);

namespace App\Queries\Forecast;

use App\Jobs\ReplayPast;
use App\Models\Forecast\GivenForecast;
use App\Models\House\OperationStandard;
use App\Pages\Forecast\HonestPoint;
use App\Pages\LookingBack\ForecastsProps;
use App\Pages\LookingBack\HonestFigure;
use App\Pages\LookingBack\KeptOut;
use App\Pages\LookingBack\PastForecast;
use App\Planning\Forecast\Backtest;
use App\Planning\Forecast\Happenings;
use App\Planning\Forecast\PastForecasts;
use App\Planning\Forecast\ShopDoubts;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Regimen\Forecast\Honesty\Calibration;
use Regimen\Forecast\Learned\Outlier;

/** How often what was forecast came true, and what to change. */
final readonly class ForecastsPage
{
    private const SHOWN = 60;

    public function __construct(private PastForecasts $past, private ShopDoubts $doubts, private Backtest $backtest, private Biases $biases, private House $house, private Clock $clock)
    {
    }

    public function data(): ForecastsProps
    {
        $all = $this->past->calibration();
        $bias = $this->biases->groups();

        return new ForecastsProps(
            headline: self::headline($all), under: self::under($all), figures: $this->figures($all),
            points: array_map(static fn (array $one): HonestPoint => new HonestPoint($one['given'], $one['held'], $one['n']), $all->curve()),
            change: $this->change($all), bias: $bias,
            past: array_values($this->past->rows()->take(self::SHOWN)->map($this->row(...))->all()),
            outliers: $this->outliers(), between: $this->between(), drift: $this->biases->drift(), open: count($this->backtest->open()), replaying: ReplayPast::isUnderWay(),
        );
    }

    private static function headline(Calibration $all): string
    {
        if ($all->n === 0) {
            return 'Nothing that was forecast is over yet';
        }
        [$low, $high] = Calibration::byChance(0.8, $all->n);
        $held = (float) $all->held(80);

        return match (true) {
            $held < $low => 'Our dates are surer than they should be',
            $held > $high => 'Our dates are more careful than they need be',
            default => 'Our dates hold as often as they say',
        };
    }

    private static function under(Calibration $all): string
    {
        return $all->n === 0
            ? 'With every promise it is kept what was forecast then; when the build is over, both stand beside each other here.'
            : 'From '.Say::count($all->n, 'build').' that are over: what was forecast when they were promised, or what would have been, from what was known on the day they were ordered.';
    }

    /** @return list<HonestFigure> */
    private function figures(Calibration $all): array
    {
        if ($all->n === 0) {
            return [];
        }
        $figures = [];
        foreach ([50, 80] as $percent) {
            $held = (float) $all->held($percent);
            [$low, $high] = Calibration::byChance($percent / 100, $all->n);
            $figures[] = new HonestFigure(
                "held{$percent}", "the {$percent} % interval held", ((int) round(100 * $held)).' %',
                'Of '.Say::count($all->n, 'build').'; by chance alone between '.((int) round(100 * $low)).' and '.((int) round(100 * $high)).' % if it is right.', $held < $low || $held > $high,
            );
        }
        $brier = $all->brier();
        if ($brier !== null) {
            $figures[] = new HonestFigure('brier', 'Brier score of the chances', number_format($brier, 3), 'The mean square of how far chances were from what happened: 0 at best, 0.25 is as good as no knowledge.', $brier > 0.25);
        }
        [$planned, $worked] = $this->past->hours();
        if ($planned > 0 && $worked > 0) {
            $figures[] = new HonestFigure('hours', 'hours, for each that was estimated', number_format($worked / $planned, 2), YearHours::words($worked).' worked on them, '.YearHours::words($planned).' estimated when they were ordered.', abs(log($worked / $planned)) > 0.1);
        }
        $bias = (float) $all->biasInDays();
        $figures[] = new HonestFigure('bias', 'ended on the mean', abs($bias) < 0.5 ? 'on the day' : Say::figure(abs($bias), 1).' days '.($bias > 0 ? 'later' : 'sooner'), 'Against the day by which half of the runs were over, in days of the calendar.', abs($bias) > 7);
        $error = $all->errorInDays();
        $plain = $all->plainErrorInDays();
        if ($error !== null && $plain !== null) {
            $figures[] = new HonestFigure(
                'error', 'off by, on the mean', Say::figure($error, 1).' days',
                'The plan by the plain estimates was off by '.Say::figure($plain, 1).' days: '.($error <= $plain ? 'this is off by '.Say::figure(100 * (1 - $error / max(0.1, $plain)), 0).' % less.' : 'it was better, so that little has been learned yet.'), $error > $plain,
            );
        }

        return $figures;
    }

    /** @return list<string> */
    private function change(Calibration $all): array
    {
        $words = $this->biases->change();
        if ($all->n >= 5 && (float) $all->held(80) < Calibration::byChance(0.8, $all->n)[0]) {
            array_unshift($words, 'More happens than the records know. Note interruptions, days off for illness and setbacks as they come: the chances learn from them.');
        }
        if ($all->n < 10) {
            $words[] = $all->n === 0 ? 'Nothing yet. The first builds that are over will say.' : 'With '.Say::count($all->n, 'build').' little can be said; ten at least make a picture.';
        }

        return $words === [] ? ['Nothing: estimates and dates come out as they say.'] : $words;
    }

    private function row(GivenForecast $one): PastForecast
    {
        $zone = $this->house->zone();
        $day = static fn (?CarbonImmutable $instant): string => $instant === null ? '' : $instant->setTimezone($zone)->format('Y-m-d');
        $given = $this->past->given($one);

        return new PastForecast(
            $one->build->number, $one->build->title, $day($one->given_at), $day($one->by10), $day($one->by90), $day($one->by50), $one->plan_finish === null ? null : $day($one->plan_finish),
            $day($one->build->finished_at), $one->promised_on, $one->chance === null ? null : (int) round($one->chance / 10), $given->within(10, 90), $one->source === GivenForecast::BACKTEST,
        );
    }

    /** @return list<HonestFigure> what comes in between, as it is drawn, each from so many records and what the house takes before there are any */
    private function between(): array
    {
        $now = $this->clock->now();
        $happenings = new Happenings($now);
        [$lost, $noted] = $happenings->interruptions();
        $absences = $happenings->absences();
        $spells = array_sum(array_column($absences, 2));
        $days = $absences === [] ? Happenings::usualAbsence()[0] : array_sum(array_column($absences, 0)) / count($absences);
        $holds = $happenings->holds();
        $setbacks = $happenings->setbacks();

        return [
            new HonestFigure('setbacks', 'something goes wrong', Say::figure(100 * $setbacks[''][0], 1).' of 100', 'Of an operation that it has never gone wrong with; others by their own setbacks. It costs '.Say::duration($setbacks[''][1]).' on the mean.'),
            new HonestFigure('absences', 'somebody is missing', 'every '.((int) round(1 / max(1e-6, $days))).' days', 'A spell for each person, from '.Say::count((int) $spells, 'spell').' in the last year; what the house takes weighs as 180 days of work.'),
            new HonestFigure('interruptions', 'lost to interruptions', Say::figure(100 * $lost, 1).' %', 'Of the hours, from '.Say::count($noted, 'interruption').' noted in the last year; 3 % is taken before there are any.'),
            new HonestFigure('holds', 'holds last', number_format($holds->median(), 2).' ×', 'What they must, from '.Say::count($holds->n, 'hold').'; nine of ten within 1.08 × is taken before there are any.'),
        ];
    }

    /** @return list<KeptOut> */
    private function outliers(): array
    {
        $names = OperationStandard::query()->pluck('name', 'key');

        return array_map(static fn (Outlier $one): KeptOut => new KeptOut($names->get($one->job->operation, $one->job->operation), $one->job->name, $one->because), array_slice($this->doubts->ratios()->outliers, 0, self::SHOWN));
    }
}
