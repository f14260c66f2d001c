<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Actions\Recording;
use App\Models\Parts\MovementKind;
use App\Models\Parts\Part;
use App\Models\Parts\StockLot;
use App\Models\Parts\StockMovement;
use App\Models\People\Person;
use App\Planning\Parts\Reserved;
use App\Support\Refused;
use App\Support\Say;
use Regimen\Stores\Stock\Amount;

/** A stocktake: what was counted is what there is; what differs is booked, with its money. All that was counted, or nothing. */
final readonly class CountStock
{
    public function __construct(private Recording $recording, private StockBook $stock)
    {
    }

    /**
     * @param  array<int, array{counted: float, seen: int}>  $counts  by part: what lies there, and the last movement that the page knew of
     * @return int how many differed
     */
    public function __invoke(Person $by, array $counts, string $because): int
    {
        return $this->recording->keep(function () use ($by, $counts, $because): int {
            $parts = Part::query()->whereKey(array_keys($counts))->get()->keyBy('id');
            $wrong = $differences = [];
            foreach ($counts as $id => $count) {
                $part = $parts->get($id) ?? throw Refused::because('One of these parts is not in the catalogue any more. Nothing was booked.');
                $moved = StockMovement::query()->where('part_id', $id)->where('id', '>', $count['seen'])->get();
                if ($moved->isNotEmpty()) {
                    $wrong["counted.{$id}"] = Say::amount(Amount::units((int) abs($moved->sum('quantity'))), $part->unit).($moved->sum('quantity') < 0 ? ' were taken' : ' came').' while you counted. Count it again.';

                    continue;
                }
                if (! Amount::canBe(Amount::of($count['counted']), $part->unit)) {
                    $wrong["counted.{$id}"] = 'Write a whole number.';
                }
                $difference = Amount::of($count['counted']) - Reserved::there($part);
                $difference === 0 || $differences[] = [$part, $difference];
            }
            if ($wrong !== []) {
                throw \Illuminate\Validation\ValidationException::withMessages([...$wrong, 'conflict' => 'Nothing was booked yet: look at what is marked.']);
            }
            foreach ($differences as [$part, $difference]) {
                $this->book($by, $part, $difference, $because);
            }

            return count($differences);
        });
    }

    /** So much lies there: what differs is booked. Runs inside an action's transaction. */
    public function set(Person $by, Part $part, int $amount, string $because): void
    {
        $difference = $amount - Reserved::there($part);
        $difference === 0 || $this->book($by, $part, $difference, $because);
    }

    private function book(Person $by, Part $part, int $difference, string $because): void
    {
        $difference < 0 ? $this->less($by, $part, -$difference, $because) : $this->more($by, $part, $difference, $because);
        $this->recording->log(null, $by, 'stores', "Counted: {$part->name}, ".Say::amount(Amount::units(abs($difference)), $part->unit).($difference < 0 ? ' less' : ' more').' than was written down.');
    }

    /** What has gone by is counted too, and goes first. */
    private function less(Person $by, Part $part, int $missing, string $because): void
    {
        $lots = StockLot::query()->whereBelongsTo($part)->where('wrong', '')->where('left', '>', 0)->orderByRaw('best_before is null, best_before')->orderBy('arrived_on')->orderBy('id')->get();
        foreach ($lots as $lot) {
            $less = min($missing, $lot->left);
            if ($less > 0) {
                $this->stock->takeFrom($by, $lot, $less, MovementKind::Counted, $because);
                $missing -= $less;
            }
        }
    }

    /** What turns up is worth what the last of it cost; nothing where it never cost anything. */
    private function more(Person $by, Part $part, int $found, string $because): void
    {
        $last = StockLot::query()->whereBelongsTo($part)->where('wrong', '')->latest('id')->first();
        $cost = $last === null ? (int) ($part->offers->first()->cost_minor ?? 0) * Amount::units($found) : $last->cost_minor * $found / $last->quantity;
        $this->stock->add($by, $part, $found, (int) round($cost), MovementKind::Counted, $because, $last === null ? [] : $last->only(['supplier_id']));
    }

    public function throwAway(Person $by, StockLot $lot, float $quantity, string $because): void
    {
        $this->recording->keep(function () use ($by, $lot, $quantity, $because): void {
            UseStock::mustBeWhole(Amount::of($quantity), $lot->part);
            $this->stock->takeFrom($by, $lot, Amount::of($quantity), MovementKind::ThrownAway, $because);
            $this->recording->log(null, $by, 'stores', 'Thrown away: '.Say::amount($quantity, $lot->part->unit)." of {$lot->part->name}: {$because}");
        });
    }

    public function open(Person $by, StockLot $lot, ?string $openedOn, ?string $bestBefore): void
    {
        $this->recording->keep(function () use ($by, $lot, $openedOn, $bestBefore): void {
            $lot->update(['opened_on' => $openedOn, 'best_before' => $bestBefore]);
            $this->recording->log(null, $by, 'stores', "{$lot->part->name}: ".($openedOn === null ? 'not opened' : 'opened '.Say::day($openedOn))
                .', '.($bestBefore === null ? 'keeps' : 'best before '.Say::dayAndYear($bestBefore)).'.');
        });
    }
}
