<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Build\Build;
use App\Planning\House\House;
use App\Planning\Route\Drafting;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Drawing\FrontView;
use Regimen\Figures\Workings;
use Regimen\Inspection\Target;
use Regimen\Route\Operation;
use Regimen\Route\Operations\GateBook;
use Regimen\Route\Standards\Caution;

/**
 * The sheet that goes with an instrument through the shop: drawing, operations in order, boxes to tick, gates to write
 * on.
 */
final class TravellerPdf
{
    private const LEFT = 14.0;

    private const FOOT = 20.0;

    private float $y = 0.0;

    private int $page = 0;

    private Canvas $canvas;

    private float $width = 0.0;

    private float $height = 0.0;

    public function __construct(
        private readonly Drafting $drafting,
        private readonly House $house,
        private readonly Clock $clock,
    ) {
    }

    /** @param  string  $address  that the code opens */
    public function of(Build $build, Paper $paper, string $address): string
    {
        $build->load(['specification', 'client', 'operations']);
        $read = Revisions::read($build->specification);
        $workings = Workings::from($read);
        $route = $this->drafting->draft($read->orFail(), $build)->route;
        $gates = GateBook::for($workings, $this->house->rules()->tolerances);
        [$this->width, $this->height] = $paper->size();
        $this->canvas = new Canvas("{$build->name()}, traveller", $paper, 'P', $this->clock->now()->getTimestamp());
        $this->page = 0;
        $this->begin($build);
        $this->head($build, $workings, $address);
        $done = $build->operations
            ->filter(fn ($operation): bool => $operation->isOver($this->clock->now()))
            ->pluck('key')
            ->all();
        $stage = null;
        foreach ($route->operations as $operation) {
            if ($operation->standard->stage !== $stage) {
                $stage = $operation->standard->stage;
                $this->room($build, 34.0);
                $this->y += 3.0;
                $this->canvas->words(ucfirst($stage->words()), self::LEFT, $this->y, 10);
                $this->y += 5.0;
            }
            $this->operation(
                $build, $operation, $gates->after($operation->key), in_array($operation->key, $done, true),
            );
        }
        $this->room($build, 12.0);
        $this->canvas->words(Caution::CLOSING, self::LEFT, $this->y + 4, 6.5);

        return $this->canvas->output();
    }

    private function head(Build $build, Workings $workings, string $address): void
    {
        $this->canvas->words($build->name(), self::LEFT, 18, 16);
        $by = $build->promised_on === null ? 'no promise' : 'promised for '.Say::day($build->promised_on);
        $this->canvas->words(
            ($build->client === null ? 'for stock' : "for {$build->client->name}")
                .", {$by}; specification revision {$build->specification->number}",
            self::LEFT,
            24,
            8,
        );
        $this->canvas->words($workings->specification->inOneLine(), self::LEFT, 29, 8);
        $this->canvas->pdf->write2DBarcode($address, 'QRCODE,M', $this->width - self::LEFT - 22, 10, 22, 22);
        $view = FrontView::draw($workings);
        $scale = min(($this->width - 2 * self::LEFT) / $view->along()->length(), 40.0 / $view->across()->length());
        $this->canvas->draw(
            $view, self::LEFT - $view->along()->from * $scale, 35 - $view->across()->from * $scale, $scale, true,
        );
        $this->y = 35 + $view->across()->length() * $scale + 5;
    }

    /** @param  list<Target>  $gate */
    private function operation(Build $build, Operation $operation, array $gate, bool $done): void
    {
        $lines = $this->wrapped(
            implode(' ', array_slice(Caution::together($operation->cautions), 0, -1)),
            6.0,
            $this->width - 2 * self::LEFT - 8,
        );
        $this->room($build, 6.0 + 5.2 * count($gate) + 2.8 * count($lines));
        $this->box(self::LEFT, $this->y - 3.0, $done);
        $way = $operation->standard->way === '' ? '' : ", {$operation->standard->way}";
        $this->canvas->words($operation->name.$way, self::LEFT + 6, $this->y, 8);
        $times = Say::duration($operation->work()->minutes).(
            $operation->hold->minutes > 0 ? ', holds '.Say::clockTime($operation->hold->minutes) : ''
        );
        $this->canvas->words($times, $this->width - self::LEFT - 34, $this->y, 7, 'end');
        $this->canvas->words('by ________  ________', $this->width - self::LEFT, $this->y, 7, 'end');
        $this->y += 4.4;
        foreach ($gate as $target) {
            $this->ring(self::LEFT + 8, $this->y - 1.0);
            $this->canvas->words("{$target->what}: {$target->words} ({$target->how})", self::LEFT + 11, $this->y, 7);
            $this->canvas->words('measured ______________', $this->width - self::LEFT, $this->y, 7, 'end');
            $this->y += 5.2;
        }
        foreach ($lines as $line) {
            $this->canvas->words($line, self::LEFT + 6, $this->y, 6.0);
            $this->y += 2.8;
        }
        $this->y += 1.0;
    }

    /** @return list<string> */
    private function wrapped(string $words, float $points, float $room): array
    {
        if ($words === '') {
            return [];
        }
        $this->canvas->pdf->setFont(Canvas::FONT, '', $points);
        $lines = [''];
        foreach (explode(' ', $words) as $word) {
            $longer = trim($lines[count($lines) - 1]." {$word}");
            if ($this->canvas->pdf->GetStringWidth($longer) > $room) {
                $lines[] = $word;
            } else {
                $lines[count($lines) - 1] = $longer;
            }
        }

        return $lines;
    }

    private function box(float $x, float $y, bool $ticked): void
    {
        $this->canvas->pdf->setLineStyle(['width' => 0.25, 'color' => [34, 32, 27], 'dash' => 0]);
        $this->canvas->pdf->Rect($x, $y, 3.4, 3.4);
        if ($ticked) {
            $this->canvas->pdf->Line($x, $y, $x + 3.4, $y + 3.4);
            $this->canvas->pdf->Line($x, $y + 3.4, $x + 3.4, $y);
        }
    }

    private function ring(float $x, float $y): void
    {
        $this->canvas->pdf->setLineStyle(['width' => 0.3, 'color' => [34, 32, 27], 'dash' => 0]);
        $this->canvas->pdf->Circle($x, $y, 1.3);
    }

    private function room(Build $build, float $wanted): void
    {
        if ($this->y + $wanted > $this->height - self::FOOT) {
            $this->begin($build);
            $this->y = 16.0;
        }
    }

    private function begin(Build $build): void
    {
        $this->canvas->pdf->AddPage();
        $this->page++;
        $this->canvas->words(
            "{$build->name()} · traveller · sheet {$this->page} · ".Say::day($this->clock->today($this->house->zone())),
            self::LEFT,
            $this->height - 9,
            7,
        );
    }
}
