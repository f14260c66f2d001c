<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Parts\PartOrder;
use App\Planning\House\House;
use App\Support\Say;
use Regimen\Formats\Tables;
use Regimen\Stores\Stock\Amount;

/** An order as its supplier gets it: their numbers, how many, at which price. It says nothing of builds and clients. */
final readonly class OrderPdf
{
    private const COLUMNS = ['order', 'ordered on', 'expected on', 'supplier', 'their number', 'part', 'quantity', 'unit', 'price', 'currency'];

    private const AMOUNT = 30.0;

    private const NUMBER = 34.0;

    public function __construct(private House $house)
    {
    }

    public function of(PartOrder $order, Paper $paper): string
    {
        $order->loadMissing(['supplier', 'lines']);
        $canvas = new Canvas("Order {$order->id}", $paper, 'P', $order->at->getTimestamp());
        $flow = new Flow($canvas, $paper, "{$this->house->shop()->name}, order {$order->id}", Say::dayAndYear($order->ordered_on));
        $flow->title("Order {$order->id}");
        foreach (array_filter(explode("\n", $order->supplier->name."\n".$order->supplier->address)) as $line) {
            $flow->sentence($line);
        }
        $flow->heading('Please send us');
        foreach ($this->together($order) as [$name, $number, $quantity, $unit, $cost]) {
            $names = $canvas->wrapped($name, Columns::TEXT, $flow->right() - Flow::LEFT - 2 * self::AMOUNT - self::NUMBER);
            $flow->room(Flow::LINE * count($names));
            $canvas->figures(Say::amount(Amount::units($quantity), $unit), Flow::LEFT, $flow->y, Columns::TEXT);
            $canvas->words($number, Flow::LEFT + self::AMOUNT, $flow->y, Columns::TEXT);
            $canvas->figures($this->house->money($cost)->plain(), $flow->right(), $flow->y, Columns::TEXT, 'end');
            foreach ($names as $words) {
                $canvas->words($words, Flow::LEFT + self::AMOUNT + self::NUMBER, $flow->y, Columns::TEXT);
                $flow->y += Flow::LINE;
            }
            $flow->y += 1.6;
        }
        $flow->heading('In all '.$this->house->money((int) $order->lines->sum('cost_minor')).', freight beside it', 10.0);
        $flow->sentence('We expect it on '.Say::dayAndYear($order->expected_on).'.'.($order->express ? ' Please send it by express.' : ''));
        $order->note === '' || $flow->sentence($order->note);

        return $canvas->output();
    }

    public function csv(PartOrder $order): string
    {
        $order->loadMissing(['supplier', 'lines']);
        $rows = array_map(fn (array $one): array => array_map(Tables::plain(...), [
            (string) $order->id, $order->ordered_on, $order->expected_on, $order->supplier->name, $one[1], $one[0], (string) Amount::units($one[2]), $one[3], str_replace(',', '', $this->house->money($one[4])->plain()),
            $this->house->shop()->currency,
        ]), $this->together($order));

        return Tables::csv([self::COLUMNS, $rows]);
    }

    /**
     * The same part for several builds is one line for its supplier.
     *
     * @return list<array{string, string, int, string, int}> name, their number, thousandths, unit, minor units
     */
    private function together(PartOrder $order): array
    {
        $lines = [];
        foreach ($order->lines as $line) {
            $key = "{$line->name}|{$line->number}|{$line->unit}";
            $lines[$key] ??= [$line->name, $line->number, 0, $line->unit, 0];
            $lines[$key][2] += $line->quantity;
            $lines[$key][4] += $line->cost_minor;
        }

        return array_values($lines);
    }
}
