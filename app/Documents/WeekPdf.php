<?php

declare(strict_types=1);

namespace App\Documents;

use App\Pages\Today\WeekDay;
use App\Pages\Today\WeekItem;
use App\Pages\Today\WeekPerson;
use App\Pages\Today\WeekProps;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Regimen\Route\OperationState;

/** A week on paper, a sheet for each person: what to do on each day, with a box to tick. */
final readonly class WeekPdf
{
    private const TIMES = 26.0;

    private const ROOM = 34.0;

    public function __construct(private House $house, private Clock $clock)
    {
    }

    /** @param  int|null  $only  the person whose sheet it is; everybody's when null */
    public function of(WeekProps $week, Paper $paper, ?int $only = null): string
    {
        $canvas = new Canvas($week->heading, $paper, 'P', $this->clock->now()->getTimestamp());
        foreach ($week->people as $person) {
            if ($only === null || $person->id === $only) {
                $this->sheet($canvas, $paper, $week, $person);
            }
        }
        if ($canvas->pdf->getNumPages() === 0) {
            $this->flow($canvas, $paper, $week->heading)->sentence('Nobody works in the shop yet.');
        }

        return $canvas->output();
    }

    private function sheet(Canvas $canvas, Paper $paper, WeekProps $week, WeekPerson $person): void
    {
        $flow = $this->flow($canvas, $paper, "{$person->name} · {$week->heading}");
        $flow->title($person->name);
        $flow->sentence($week->heading);
        foreach ($week->days as $date) {
            $flow->heading(Say::dayAndYear($date));
            $this->day($flow, $person->days[$date]);
        }
    }

    private function flow(Canvas $canvas, Paper $paper, string $running): Flow
    {
        return new Flow($canvas, $paper, $running, Say::dayAndYear($this->clock->today($this->house->zone())));
    }

    private function day(Flow $flow, WeekDay $day): void
    {
        foreach ($day->away as $away) {
            $flow->sentence(trim("{$away->part} {$away->words}"));
        }
        if ($day->items === [] && $day->away === []) {
            $flow->sentence($day->hours === [] ? 'not in' : 'nothing planned');
        }
        foreach ($day->items as $item) {
            $this->item($flow, $item);
        }
    }

    private function item(Flow $flow, WeekItem $item): void
    {
        $at = Flow::LEFT + 6;
        $after = implode(', ', array_filter([$item->needs, $item->hold]));
        $lines = $flow->canvas->wrapped(
            ($item->helps ? 'help: ' : '')."{$item->build} {$item->name}".($after === '' ? '' : " ({$after})"),
            Columns::TEXT,
            $flow->right() - $at - self::TIMES - self::ROOM,
        );
        $flow->room(Flow::LINE * count($lines));
        $flow->box(Flow::LEFT, $item->state === OperationState::Done);
        $flow->canvas->figures(
            $this->time($item->from).'–'.($item->goesOn ? '…' : $this->time($item->to)), $at, $flow->y, Columns::TEXT,
        );
        $flow->canvas->words('worked ______', $flow->right(), $flow->y, Columns::TEXT, 'end');
        foreach ($lines as $line) {
            $flow->canvas->words($line, $at + self::TIMES, $flow->y, Columns::TEXT);
            $flow->y += Flow::LINE;
        }
        $flow->y += 1.6;
    }

    private function time(string $instant): string
    {
        return CarbonImmutable::parse($instant)->setTimezone($this->house->zone())->format('H:i');
    }
}
