<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Actions\Recording;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Parts\MovementKind;
use App\Models\Parts\Parcel;
use App\Models\Parts\ParcelLine;
use App\Models\Parts\Part;
use App\Models\Parts\PartOrder;
use App\Models\Parts\PartOrderLine;
use App\Models\Parts\StockLot;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Parts\Catalogue;
use App\Planning\Parts\PartFigures;
use App\Support\Clock;
use App\Support\Refused;
use App\Support\Say;
use Illuminate\Validation\ValidationException;
use Regimen\Costing\KitState;
use Regimen\Stores\Stock\Amount;
use Regimen\Units\Money;

/** A parcel has arrived: each line as far as it came, at what it cost with its share of the freight; what is wrong waits beside the stock. */
final readonly class ReceiveParcel
{
    public function __construct(private Recording $recording, private StockBook $book, private SplitKit $split, private KnownFigures $figures, private House $house, private Clock $clock)
    {
    }

    /**
     * @param  array<int, CameLine>  $came  by the line of the order
     * @param  bool  $isAll  whether nothing more is to come; what is missing is needed again then
     */
    public function __invoke(Person $by, PartOrder $order, int $version, array $came, Money $freight, bool $isAll): Parcel
    {
        return $this->recording->keep(function () use ($by, $order, $version, $came, $freight, $isAll): Parcel {
            OrderParts::mustBeOpen($order, $version);
            $lines = $order->lines()->with(['kitLine.build', 'part'])->get()->keyBy('id');
            $came = $this->mustBeOrdered($lines->all(), $came);
            $parcel = Parcel::query()->create([
                'part_order_id' => $order->id, 'arrived_on' => $this->clock->today($this->house->zone()), 'freight_minor' => $freight->minor, 'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
            $shares = self::shared($freight, $came);
            foreach ($came as $id => $one) {
                $line = $lines->get($id) ?? throw new \LogicException('It was looked whether it is there.');
                $this->take($by, $parcel, $line, $one, $shares[$id]->minor);
            }
            $this->goOn($by, $order, $isAll);
            $this->recording->log(null, $by, 'stores', "A parcel of order {$order->id} from {$order->supplier->name} has arrived: ".implode(', ', array_map(
                static fn (int $id, CameLine $one): string => Say::amount($one->quantity, $lines->get($id)->unit ?? '').' of '.($lines->get($id)->name ?? '').($one->wrong > 0 ? ', '.Say::figure($one->wrong, 3)." wrong ({$one->because})" : ''),
                array_keys($came), $came,
            )).'.');
            $this->recording->planAnew("a parcel of order {$order->id} arrived");

            return $parcel;
        });
    }

    /**
     * @param  array<int, PartOrderLine>  $lines
     * @param  array<int, CameLine>  $came
     * @return non-empty-array<int, CameLine> of which something came
     */
    private function mustBeOrdered(array $lines, array $came): array
    {
        $wrong = [];
        foreach ($came as $id => $one) {
            $line = $lines[$id] ?? throw Refused::because('Something of this parcel does not stand in the order. Look at it again; nothing was taken in.');
            $amount = Amount::of($one->quantity);
            if ($amount > $line->missing()) {
                $wrong["lines.{$id}.came"] = ($line->missing() === 0 ? 'All of it has come already.' : Say::amount(Amount::units($line->missing()), $line->unit).' are still to come; more was not ordered.').' What came beyond that is sent back, or ordered as a line of its own.';
            } elseif (! Amount::canBe($amount, $line->unit) || ! Amount::canBe(Amount::of($one->wrong), $line->unit)) {
                $wrong["lines.{$id}.came"] = "A {$line->unit} does not come in parts. Write a whole number.";
            } elseif ($one->wrong > $one->quantity) {
                $wrong["lines.{$id}.wrong"] = 'More cannot be wrong than came.';
            } elseif ($one->wrong > 0 && $one->because === '') {
                $wrong["lines.{$id}.because"] = 'Say what is wrong with it.';
            }
        }
        $came = array_filter($came, static fn (CameLine $one): bool => $one->quantity > 0);
        if ($wrong !== []) {
            throw ValidationException::withMessages([...$wrong, 'conflict' => 'Nothing was taken in yet: look at what is marked.']);
        }

        return $came === [] ? throw Refused::because('Nothing came with this parcel. Write how many came of at least one line.') : $came;
    }

    /**
     * By value (CALCULATIONS I7); by amount where everything was free.
     *
     * @param  non-empty-array<int, CameLine>  $came
     * @return array<int, Money>
     */
    private static function shared(Money $freight, array $came): array
    {
        $values = array_map(static fn (CameLine $one): int => $one->cost->minor, $came);

        return array_combine(array_keys($came), $freight->split(array_values(array_sum($values) > 0 ? $values : array_map(static fn (CameLine $one): float => $one->quantity, $came))));
    }

    private function take(Person $by, Parcel $parcel, PartOrderLine $line, CameLine $came, int $freight): void
    {
        $kit = $line->kitLine;
        $part = $line->part;
        $line->update(['came' => $line->came + Amount::of($came->quantity), 'part_id' => $part->id]);
        $parcelLine = ParcelLine::query()->create([
            'parcel_id' => $parcel->id, 'part_order_line_id' => $line->id, 'quantity' => Amount::of($came->quantity), 'cost_minor' => $came->cost->minor, 'freight_minor' => $freight,
        ]);
        Catalogue::remember($part, $parcel->order->supplier, (int) round($came->cost->minor / $came->quantity), (int) ($kit->lead_days ?? 0));
        $this->putAway($part, $came->place);
        $this->measure($part, $came->measured);
        $said = ['supplier_id' => $parcel->order->supplier_id, 'parcel_line_id' => $parcelLine->id, 'best_before' => $came->bestBefore];
        $good = round($came->quantity - $came->wrong, 3);
        [$cost, $costOfWrong] = array_map(static fn (Money $one): int => $one->minor, $this->house->money($came->cost->minor + $freight)->split([$good, $came->wrong]));
        if ($came->wrong > 0) {
            $this->book->add($by, $part, Amount::of($came->wrong), $costOfWrong, MovementKind::Arrived, $came->because, [...$said, 'wrong' => $came->because], $kit);
        }
        $isWanted = $kit !== null && ! $kit->surplus && $kit->state === KitState::Ordered && $kit->build->status === BuildStatus::Open;
        if ($isWanted) {
            [$good, $cost] = $this->forBuild($by, $kit, $line, $part, $good, $came->wrong, $cost, $came->measured !== []);
        }
        if ($good > 0) {
            $this->book->add($by, $part, Amount::of($good), $cost, MovementKind::Arrived, "order {$parcel->part_order_id}", $said);
            $kit === null || $isWanted || $kit->state !== KitState::Ordered || $kit->update(['state' => KitState::Used, 'used' => $kit->quantity, 'surplus' => true, 'cost_minor' => 0, 'version' => $kit->version + 1]);
        }
    }

    /**
     * What came right is in the kit, what came wrong is needed again, the rest is still to come.
     *
     * @return array{float, int} what came beyond what the kit still waits for, and what it cost
     */
    private function forBuild(Person $by, KitLine $kit, PartOrderLine $line, Part $part, float $good, float $wrong, int $cost, bool $isMeasured): array
    {
        $today = $this->clock->today($this->house->zone());
        if ($wrong > 0) {
            $again = ($this->split)($kit, $wrong);
            OrderParts::neededAgain($again);
            if ($again->is($kit)) {
                $line->update(['kit_line_id' => null]);
            } else {
                $kit->refresh();
            }
            $this->recording->log($kit->build, $by, 'kit', 'Came wrong: '.Say::amount($wrong, $kit->unit)." of {$kit->name}; needed again.");
        }
        $forKit = min($good, $kit->quantity);
        if ($forKit > 0) {
            $ours = $this->house->money($cost)->split([$forKit, $good - $forKit])[0]->minor;
            $there = ($this->split)($kit, $forKit);
            $there->update(['state' => KitState::Arrived, 'arrived_on' => $today, 'cost_minor' => $ours, 'part_id' => $part->id, 'version' => $there->version + 1]);
            $isMeasured && $this->figures->keep($by, $there, $part, $forKit);
            $this->recording->log($kit->build, $by, 'kit', 'Arrived: '.Say::amount($forKit, $kit->unit)." of {$kit->name}. Measure before it is relied on.");
            $cost -= $ours;
        }

        return [round($good - $forKit, 3), $cost];
    }

    /** @param  array<string, string>  $measured */
    private function measure(Part $part, array $measured): void
    {
        $wrong = PartFigures::problem($part->group, $measured);
        if ($wrong !== null) {
            throw Refused::because("Measured on “{$part->name}”: {$wrong}");
        }
        $figures = $part->figures;
        foreach ($measured as $field => $typed) {
            $figures[$field]['measured'] = $typed;
        }
        $measured === [] || $part->update(['figures' => $figures, 'version' => $part->version + 1]);
    }

    /** A part lies in one place: where there is some of it, the new ones go there too. */
    private function putAway(Part $part, string $place): void
    {
        if ($place === '' || $place === $part->place) {
            return;
        }
        $there = (int) StockLot::query()->whereBelongsTo($part)->sum('left');
        if ($part->place !== '' && $there > 0) {
            throw Refused::because("“{$part->name}” lies in {$part->place}, and ".Say::amount(Amount::units($there), $part->unit).' of it are there. A part in two drawers is counted wrong: put these there too, or move all of it first.');
        }
        $part->update(['place' => $place, 'version' => $part->version + 1]);
    }

    private function goOn(Person $by, PartOrder $order, bool $isAll): void
    {
        $missing = $order->lines()->whereColumn('came', '<', 'quantity')->with('kitLine.build')->get();
        foreach ($isAll ? $missing : [] as $line) {
            $kit = $line->kitLine;
            if ($kit !== null && $kit->state === KitState::Ordered) {
                OrderParts::neededAgain($kit);
                $this->recording->log($kit->build, $by, 'kit', "Needed again: {$kit->name}; order {$order->id} was short of it.");
            }
        }
        $order->update(['closed_at' => $isAll || $missing->isEmpty() ? $this->clock->now() : null, 'version' => $order->version + 1]);
    }
}
