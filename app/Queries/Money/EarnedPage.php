<?php

declare(strict_types=1);

namespace App\Queries\Money;

use App\Models\Parts\MovementKind;
use App\Models\Parts\StockMovement;
use App\Models\People\Person;
use App\Pages\Money\EarnedProps;
use App\Pages\Money\EarnedRow;
use App\Pages\Money\Row;
use App\Planning\House\House;
use App\Planning\Money\Account;
use App\Planning\Money\Accounts;
use App\Support\Clock;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Regimen\Costing\Earned;
use Regimen\Units\Money;

/** What it earned: by instrument, model, client, maker or month; an hour above all. */
final readonly class EarnedPage
{
    public const BY = ['build', 'model', 'client', 'maker', 'month'];

    public function __construct(private Accounts $accounts, private House $house, private Clock $clock)
    {
    }

    public function data(string $by, ?int $asked): EarnedProps
    {
        $by = in_array($by, self::BY, true) ? $by : 'build';
        $now = (int) $this->clock->now()->setTimezone($this->house->zone())->format('Y');
        $all = $this->accounts->finished();
        $years = array_values(array_unique([$now, ...array_map($this->year(...), $all)]));
        rsort($years);
        // At the beginning of a year the last one has more to say.
        $year = $asked ?? (array_filter($all, fn (Account $one): bool => $this->year($one) === $now) === [] ? $years[1] ?? $now : $now);
        $accounts = array_values(array_filter($all, fn (Account $one): bool => $this->year($one) === $year));
        $whole = array_reduce($accounts, static fn (?Earned $sum, Account $one): Earned => $sum === null ? $one->earned : $sum->plus($one->earned));
        $groups = $this->groups($by, $accounts);
        $rate = $this->house->rate()->minor;
        $best = max($rate, 1, ...array_map(static fn (array $one): int => $one[3]->anHour()->minor ?? 0, $groups));
        $anHour = $whole?->anHour();

        return new EarnedProps(
            headline: $whole === null ? "Nothing with a price was finished in {$year}" : ($anHour === null ? 'No hours are recorded of what was finished' : "An hour brought {$anHour}; the house reckons with {$this->house->rate()->plain()}"),
            under: $whole === null ? '' : Say::count(count($accounts), 'instrument')." finished in {$year}: price without tax, less material and work done elsewhere, over the hours worked. What went wrong is not in it and stands below.",
            by: $by, year: $year, years: $years, currency: $this->house->shop()->currency,
            rows: array_map(fn (array $one): EarnedRow => $this->row($one[0], $one[1], $one[2], $one[4], $one[3], $best), $groups), all: $whole === null ? null : $this->row('all', 'Together', '', null, $whole, $best),
            rate: round($rate / $best, 4), rateWords: "{$this->house->rate()} an hour, the shop’s rate", beside: $this->beside($year, $accounts),
        );
    }

    private function year(Account $one): int
    {
        return (int) substr($this->day($one), 0, 4);
    }

    private function day(Account $one): string
    {
        return (string) $one->build->finished_at?->setTimezone($this->house->zone())->toDateString();
    }

    /**
     * @param  list<Account>  $accounts
     * @return list<array{string, string, string, Earned, int|null}> key, name, because, what, number of the build
     */
    private function groups(string $by, array $accounts): array
    {
        if ($by === 'build') {
            return array_map(fn (Account $one): array => [
                (string) $one->build->number, "{$one->build->number} · {$one->build->title}", $one->build->model.', finished '.Say::day($this->day($one)), $one->earned, $one->build->number,
            ], $accounts);
        }
        $names = Person::query()->pluck('name', 'id');
        $sums = $count = [];
        foreach ($accounts as $account) {
            foreach ($this->shares($by, $account) as [$key, $earned]) {
                $sums[$key] = isset($sums[$key]) ? $sums[$key]->plus($earned) : $earned;
                $count[$key] = ($count[$key] ?? 0) + 1;
            }
        }
        $groups = [];
        foreach ($sums as $key => $earned) {
            $name = match ($by) {
                'maker' => (string) ($names[(int) substr((string) $key, 1)] ?? 'nobody'), 'month' => CarbonImmutable::parse("{$key}-15")->format('F Y'), default => (string) $key,
            };
            $groups[] = [(string) $key, $name, Say::count($count[$key], 'instrument'), $earned, null];
        }
        usort($groups, static fn (array $a, array $b): int => $by === 'month' ? $a[0] <=> $b[0] : [$b[3]->anHour()->minor ?? -1, $a[1]] <=> [$a[3]->anHour()->minor ?? -1, $b[1]]);

        return $groups;
    }

    /** @return list<array{string, Earned}> */
    private function shares(string $by, Account $account): array
    {
        if ($by === 'maker') {
            $shares = [];
            foreach ($account->cost->byPerson === [] ? [] : $account->earned->among($account->cost->byPerson) as $person => $earned) {
                $shares[] = ["p{$person}", $earned];
            }

            return $shares;
        }

        return [[match ($by) {
            'model' => $account->build->model === '' ? 'no model' : (string) $account->build->model,
            'client' => $account->build->client->name ?? 'stock',
            default => substr($this->day($account), 0, 7),
        }, $account->earned]];
    }

    private function row(string $key, string $name, string $because, ?int $build, Earned $of, int $best): EarnedRow
    {
        $anHour = $of->anHour();

        return new EarnedRow(
            $key, $name, $because, $build, $of->price->plain(), $of->material->plain(), $of->outside->minor === 0 ? '' : $of->outside->plain(), Say::figure($of->hours->hours(), 1), $of->left()->plain(), $anHour?->plain() ?? '–',
            max(0.0, round(($anHour->minor ?? 0) / $best, 4)), $anHour !== null && $anHour->minor < $this->house->rate()->minor,
        );
    }

    /**
     * @param  list<Account>  $accounts
     * @return list<Row> what the accounts of stock and of losses say of the year
     */
    private function beside(int $year, array $accounts): array
    {
        $lost = array_reduce($accounts, static fn (Money $sum, Account $one): Money => $sum->plus($one->cost->losses), $this->house->money(0));
        $moved = static fn (MovementKind ...$kinds): int => (int) StockMovement::query()->whereBetween('on', ["{$year}-01-01", "{$year}-12-31"])->whereIn('kind', array_map(static fn (MovementKind $one): string => $one->value, $kinds))->sum('cost_minor');

        return [
            new Row('Lost on these instruments', (string) $lost, 'hours and material that setbacks cost, mending included'),
            new Row('Used up in the shop', (string) $this->house->money(-$moved(MovementKind::Used)), 'from stock, for no instrument'),
            new Row('Lost or found in the stores', (string) $this->house->money($moved(MovementKind::Counted, MovementKind::ThrownAway)), 'by counting, and thrown away'),
        ];
    }
}
