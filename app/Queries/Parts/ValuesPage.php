<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Parts\MovementKind;
use App\Models\Parts\PartOrderLine;
use App\Models\Parts\StockLot;
use App\Models\Parts\StockMovement;
use App\Models\Stores\Board;
use App\Pages\Parts\ValueLine;
use App\Pages\Parts\ValueMonth;
use App\Pages\Parts\ValuesProps;
use App\Planning\House\House;
use App\Support\Clock;
use Regimen\Costing\KitState;
use Regimen\Stores\Stock\MonthOfStock;
use Regimen\Units\Money;

/** What the stores are worth, at cost by lot; what is bound in builds; and what became of it month by month (CALCULATIONS I7). */
final readonly class ValuesPage
{
    private const MONTHS = 18;

    public function __construct(private House $house, private Clock $clock)
    {
    }

    public function data(): ValuesProps
    {
        $right = (int) StockLot::query()->where('wrong', '')->sum('left_minor');
        $wrong = (int) StockLot::query()->where('wrong', '<>', '')->sum('left_minor');
        $boards = (int) Board::query()->there()->sum('cost_minor');
        $bound = $this->bound();
        $coming = (int) PartOrderLine::query()->toCome()->selectRaw('sum(cost_minor * (quantity - came) / quantity) as coming')->value('coming');
        $months = MonthOfStock::all($this->entries(), substr($this->clock->today($this->house->zone()), 0, 7), $this->house->shop()->currency);

        return new ValuesProps(
            headline: "The stores are worth {$this->house->money($right + $wrong + $boards)}",
            now: [
                new ValueLine('Parts in stock', $this->plain($right), 'each lot at what it cost, with its freight'),
                ...$wrong === 0 ? [] : [new ValueLine('Parts that are wrong', $this->plain($wrong), 'until they are sent back, fitted or thrown away')],
                new ValueLine('Boards and offcuts', $this->plain($boards), 'each board at its share of what its lot cost'),
                new ValueLine('In kits of builds in the making', $this->plain(array_sum($bound)), 'what is there, used or not; it is not counted in the stores'),
                new ValueLine('Ordered and still to come', $this->plain($coming), 'on orders that are open'),
            ],
            builds: $this->builds($bound), months: array_map($this->month(...), array_slice(array_reverse($months), 0, self::MONTHS)),
        );
    }

    /** @return array<int, int> minor units by the number of the build */
    private function bound(): array
    {
        $bound = [];
        $lines = KitLine::query()->with('build')->whereIn('build_id', Build::query()->open()->select('id'))->whereIn('state', [KitState::Arrived->value, KitState::Used->value])->where('surplus', false)->get();
        foreach ($lines as $line) {
            $bound[$line->build->number] = ($bound[$line->build->number] ?? 0) + $line->costMinor();
        }
        ksort($bound);

        return $bound;
    }

    /**
     * @param  array<int, int>  $bound
     * @return list<ValueLine>
     */
    private function builds(array $bound): array
    {
        $names = Build::query()->open()->whereIn('number', array_keys($bound))->get()->keyBy('number');

        return array_map(fn (int $number, int $minor): ValueLine => new ValueLine((string) $number, $this->plain($minor), $names->get($number)->title ?? ''), array_keys($bound), array_values($bound));
    }

    /** @return list<array{string, string, int}> */
    private function entries(): array
    {
        $rows = StockMovement::query()->toBase()->selectRaw('substr("on", 1, 7) as month, kind, sum(cost_minor) as minor')->groupBy('month', 'kind')->get();

        return array_values($rows->map(static fn (object $row): array => [(string) $row->month, (string) $row->kind, (int) $row->minor])->all());
    }

    private function month(MonthOfStock $one): ValueMonth
    {
        $of = fn (MovementKind ...$kinds): string => $this->plain(array_sum(array_map(static fn (MovementKind $kind): int => ($one->changes[$kind->value] ?? null)->minor ?? 0, $kinds)));

        return new ValueMonth(
            month: $one->month, opening: $one->opening->plain(), came: $of(MovementKind::Arrived), taken: $of(MovementKind::Taken, MovementKind::PutBack), used: $of(MovementKind::Used),
            lost: $of(MovementKind::Counted, MovementKind::ThrownAway), sentBack: $of(MovementKind::SentBack), closing: $one->closing->plain(),
        );
    }

    private function plain(int $minor): string
    {
        return Money::ofMinor($minor, $this->house->shop()->currency)->plain();
    }
}
