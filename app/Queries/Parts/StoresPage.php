<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Build\Build;
use App\Models\Parts\PartOrder;
use App\Models\Parts\PartOrderLine;
use App\Models\Parts\StockLot;
use App\Models\People\Person;
use App\Pages\Buying\DrawerLine;
use App\Pages\Buying\LatePart;
use App\Pages\Buying\OnTheWay;
use App\Pages\Buying\StoresProps;
use App\Planning\House\House;
use App\Planning\Parts\Buying;
use App\Planning\Parts\NeededDays;
use App\Planning\Parts\Wanted;
use App\Planning\Problem\KitWaits;
use App\Planning\Problem\LeadTimes;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Support\Collection;
use Regimen\Stores\Stock\Amount;

/** What is missing in the stores, what is late, what is on its way and what is wrong. */
final readonly class StoresPage
{
    /** Days before its best-before date in which something is told; and of so many lots. */
    private const SOON = 14;

    private const TOLD = 60;

    public function __construct(
        private House $house, private LeadTimes $leads, private NeededDays $needed, private Buying $buying, private LateParts $late, private WrongLines $wrong, private Proposals $proposals, private Clock $clock,
    ) {
    }

    public function data(Person $viewer): StoresProps
    {
        $today = $this->clock->today($this->house->zone());
        $wanted = $this->buying->wanted();
        $late = $this->late->all($viewer->isManager());
        $wrong = $this->wrong->all($viewer);
        $drawer = array_values(array_filter($wanted, static fn (Wanted $one): bool => $one->drawer !== null));
        $missing = array_values(array_filter($wanted, static fn (Wanted $one): bool => $one->drawer === null));
        $value = StockLot::query()->sum('left_minor');

        return new StoresProps(
            headline: self::headline($late, count($wrong), $missing, $today), late: $late, onTheWay: $this->onTheWay($viewer, $today),
            proposals: $viewer->isManager() ? $this->proposals->of($missing) : [],
            unsold: array_values(array_unique(array_map(static fn (Wanted $one): string => $one->name(), array_filter($missing, static fn (Wanted $one): bool => $one->supplier === null)))),
            drawer: array_map($this->inDrawer(...), $drawer), wrong: $wrong, over: $this->over($today),
            value: $viewer->isManager() ? (string) $this->house->money((int) $value) : null, today: $today,
        );
    }

    /**
     * @param  list<LatePart>  $late
     * @param  list<Wanted>  $missing
     */
    private static function headline(array $late, int $wrong, array $missing, string $today): string
    {
        $due = count(array_filter($missing, static fn (Wanted $one): bool => $one->orderBy !== null && $one->orderBy <= $today));
        $said = array_filter([
            count($late) === 1 ? 'one part is late' : ($late === [] ? '' : count($late).' parts are late'), $wrong === 1 ? 'one is wrong' : ($wrong === 0 ? '' : "{$wrong} are wrong"),
            $due === 0 ? '' : ($due === 1 ? 'one' : $due).' to order today',
        ]);

        return match (true) {
            $said !== [] => ucfirst(implode(', ', $said)),
            $missing !== [] => ucfirst(Say::count(count($missing), 'part')).' to order, none of them today',
            default => 'Nothing is missing',
        };
    }

    /** @return list<OnTheWay> */
    private function onTheWay(Person $viewer, string $today): array
    {
        $orders = PartOrder::query()->onTheWay()->with(['supplier', 'lines.kitLine', 'lines.build', 'lines.part'])->orderBy('expected_on')->orderBy('id')->get();

        return array_values($orders->map(function (PartOrder $order) use ($viewer, $today): OnTheWay {
            $lines = $order->lines->filter(static fn (PartOrderLine $one): bool => $one->missing() > 0)->values();
            $overdue = $order->expected_on < $today;
            [$likely, $ninth] = $this->times($order, $lines, $today);
            $needed = $lines->map(fn (PartOrderLine $one): ?string => $one->kitLine === null ? null : $this->needed->of($one->kitLine))->filter()->min();
            $names = $lines->pluck('name')->unique();
            $for = $lines->map(static fn (PartOrderLine $one): string => $one->build === null ? 'stock' : "No. {$one->build->number}")->unique();

            return new OnTheWay(
                id: $order->id, supplier: $order->supplier->name, what: $names->take(3)->implode(', ').($names->count() > 3 ? ' and '.($names->count() - 3).' more' : ''), for: $for->take(4)->implode(', ').($for->count() > 4 ? ' …' : ''),
                orderedOn: $order->ordered_on, expectedOn: $order->expected_on, likelyOn: $likely, ninthOn: $ninth, neededOn: is_string($needed) ? $needed : null, overdue: $overdue,
                cost: $viewer->isManager() ? $this->house->money((int) $order->lines->sum('cost_minor'))->plain() : null,
            );
        })->all());
    }

    /**
     * When it is likely, and by when nine of ten have come: of the kind that takes longest.
     *
     * @param  Collection<int, PartOrderLine>  $lines
     * @return array{string, string}
     */
    private function times(PartOrder $order, Collection $lines, string $today): array
    {
        $likely = $ninth = '';
        foreach ($lines as $line) {
            $usual = max(1, NeededDays::between($order->ordered_on, $order->expected_on));
            $time = $this->leads->of($order->supplier->name, $line->part->group, $usual);
            $likely = max($likely, $order->expected_on < $today ? KitWaits::likely($time, $order->expected_on, $order->ordered_on, $usual, $today) : NeededDays::before($order->ordered_on, -LeadTimes::wholeDays($time->median())));
            $ninth = max($ninth, NeededDays::before($order->ordered_on, -LeadTimes::wholeDays($time->ninthDecile())));
        }

        return [max($likely, $today), max($ninth, $likely, $today)];
    }

    private function inDrawer(Wanted $one): DrawerLine
    {
        $line = $one->line ?? throw new \LogicException('Only what a kit needs is looked for in the drawers.');
        $part = $one->drawer ?? throw new \LogicException('It was looked whether it is there.');

        return new DrawerLine(
            line: $line->id, version: $line->version, part: $part->id, name: $part->name, wanted: $line->name === $part->name ? '' : $line->name, quantity: $line->quantity, unit: $line->unit,
            place: $part->place, build: $line->build->number, title: $line->build->title, neededOn: $one->neededOn,
        );
    }

    /** @return list<string> what has gone by, soon does, or does before the next job that needs such a thing */
    private function over(string $today): array
    {
        $lots = StockLot::query()->with('part')->where('left', '>', 0)->where('wrong', '')->whereNotNull('best_before')->orderBy('best_before')->limit(self::TOLD)->get();
        $numbers = Build::query()->open()->pluck('number', 'id');
        $said = [];
        foreach ($lots as $one) {
            $job = $this->needed->after($one->part->group, (string) $one->best_before);
            $what = Say::amount(Amount::units($one->left), $one->part->unit)." of {$one->part->name}: ";
            if ($one->isOver($today)) {
                $said[] = $what.'best before '.Say::dayAndYear((string) $one->best_before).', gone by and not offered any more';
            } elseif ($job !== null || $one->best_before < NeededDays::before($today, -self::SOON)) {
                $said[] = $what.'keeps until '.Say::day((string) $one->best_before).($job === null ? '' : '; No. '.($numbers[$job[0]] ?? '').' needs '.$one->part->group->words().' on '.Say::day($job[1]));
            }
        }

        return $said;
    }
}
