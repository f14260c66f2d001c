<?php

declare(strict_types=1);

namespace App\Documents;

use App\Pages\House\PartLine;
use App\Pages\House\PartsProps;
use App\Support\Clock;
use App\Support\Say;

/** What is to be ordered, a list for each supplier, and what is on its way. It names no price: anybody may carry it. */
final readonly class OrdersPdf
{
    private const AMOUNT = 30.0;

    private const BEHIND = 62.0;

    public function __construct(private Clock $clock)
    {
    }

    public function of(PartsProps $parts, Paper $paper): string
    {
        $canvas = new Canvas('Timber and parts to order', $paper, 'P', $this->clock->now()->getTimestamp());
        $flow = new Flow($canvas, $paper, 'Timber and parts', Say::dayAndYear($parts->today));
        $flow->title('Timber and parts');
        $this->section($flow, 'To order', 'Nothing is waiting to be ordered.', $parts->toOrder);
        $this->section($flow, 'On the way', 'Nothing is on order.', $parts->expected);

        return $canvas->output();
    }

    /** @param  list<PartLine>  $lines */
    private function section(Flow $flow, string $heading, string $empty, array $lines): void
    {
        if ($lines === []) {
            $flow->heading($heading);
            $flow->sentence($empty);
        }
        $suppliers = [];
        foreach ($lines as $line) {
            $suppliers[$line->supplier][] = $line;
        }
        ksort($suppliers);
        foreach ($suppliers as $supplier => $ofOne) {
            $flow->heading($supplier === '' ? "{$heading}, no supplier named" : "{$heading} from {$supplier}");
            foreach ($ofOne as $line) {
                $this->line($flow, $line);
            }
        }
    }

    private function line(Flow $flow, PartLine $line): void
    {
        $at = Flow::LEFT + 6;
        $names = $flow->canvas->wrapped($line->name, Columns::TEXT, $flow->right() - $at - self::AMOUNT - self::BEHIND);
        $flow->room(Flow::LINE * count($names));
        $flow->box(Flow::LEFT);
        $flow->canvas->figures(Say::amount($line->quantity, $line->unit), $at, $flow->y, Columns::TEXT);
        $when = $line->expectedOn === null
            ? Say::count($line->leadDays, 'day').' to arrive'
            : ($line->overdue ? 'overdue since ' : 'expected ').Say::dayAndYear($line->expectedOn);
        $flow->canvas->words("for No. {$line->build}, {$when}", $flow->right(), $flow->y, Columns::TEXT, 'end');
        foreach ($names as $name) {
            $flow->canvas->words($name, $at + self::AMOUNT, $flow->y, Columns::TEXT);
            $flow->y += Flow::LINE;
        }
        $flow->y += 1.6;
    }
}
