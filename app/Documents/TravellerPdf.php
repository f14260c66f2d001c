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
use Regimen\Route\Standards\Stage;

/**
 * The sheet that goes with an instrument through the shop: drawing, operations in order, boxes to tick, gates to write
 * on.
 */
final class TravellerPdf
{
    private const LEFT = 14.0;

    private const FOOT = 20.0;

    private const LINE = 4.0;

    private float $y = 0.0;

    /** @var array<string, int> the sign of each caution that has been written out */
    private array $signs = [];

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
        $this->signs = [];
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
                $this->stage($build, $stage, self::run($route->operations, $operation));
            }
            $this->operation(
                $build, $operation, $gates->after($operation->key), in_array($operation->key, $done, true),
            );
        }
        $this->room($build, 12.0);
        $this->canvas->words(Caution::CLOSING, self::LEFT, $this->y + 4, Columns::TEXT);

        return $this->canvas->output();
    }

    private function head(Build $build, Workings $workings, string $address): void
    {
        $this->canvas->words($build->name(), self::LEFT, 18, 16);
        $by = $build->promised_on === null ? 'no promise' : 'promised for '.Say::dayAndYear($build->promised_on);
        $this->canvas->words(
            ($build->client === null ? 'for stock' : "for {$build->client->name}")
                .", {$by}; specification revision {$build->specification->number}",
            self::LEFT,
            24,
            Columns::TEXT,
        );
        $this->canvas->words($workings->specification->inOneLine(), self::LEFT, 29.5, Columns::TEXT);
        $this->canvas->pdf->write2DBarcode($address, 'QRCODE,M', $this->width - self::LEFT - 22, 10, 22, 22);
        $view = FrontView::draw($workings);
        $scale = min(($this->width - 2 * self::LEFT) / $view->along()->length(), 40.0 / $view->across()->length());
        $this->canvas->draw(
            $view, self::LEFT - $view->along()->from * $scale, 35 - $view->across()->from * $scale, $scale, true,
        );
        $this->y = 35 + $view->across()->length() * $scale + 5;
    }

    /**
     * From an operation on, those of its stage that follow each other.
     *
     * @param  list<Operation>  $operations
     * @return list<Operation>
     */
    private static function run(array $operations, Operation $first): array
    {
        $run = [];
        foreach ($operations as $one) {
            if ($one->key === $first->key || $run !== []) {
                if ($one->standard->stage !== $first->standard->stage) {
                    break;
                }
                $run[] = $one;
            }
        }

        return $run;
    }

    /**
     * A heading with the cautions of its operations, each once.
     *
     * @param  list<Operation>  $operations
     */
    private function stage(Build $build, Stage $stage, array $operations): void
    {
        $cautions = [];
        foreach ($operations as $operation) {
            foreach ($operation->cautions as $caution) {
                $cautions[$caution->value] = $caution;
            }
        }
        $this->room($build, 34.0);
        $this->y += 4.0;
        $this->canvas->words(ucfirst($stage->words()), self::LEFT, $this->y, 12);
        $this->y += 5.5;
        foreach ($cautions as $key => $caution) {
            $this->signs[$key] ??= count($this->signs) + 1;
            $words = implode(' ', array_slice(Caution::together([$caution]), 0, -1));
            $lines = $this->canvas->wrapped($words, Columns::TEXT, $this->width - 2 * self::LEFT - 7);
            $this->room($build, self::LINE * count($lines));
            $this->sign(self::LEFT, $this->y, $this->signs[$key]);
            foreach ($lines as $line) {
                $this->canvas->words($line, self::LEFT + 7, $this->y, Columns::TEXT);
                $this->y += self::LINE;
            }
            $this->y += 0.8;
        }
        $this->y += $cautions === [] ? 0.0 : 2.0;
    }

    /** @param  list<Target>  $gate */
    private function operation(Build $build, Operation $operation, array $gate, bool $done): void
    {
        $way = $operation->standard->way === '' ? '' : ", {$operation->standard->way}";
        $names = $this->canvas->wrapped($operation->name.$way, Columns::TEXT, $this->width - 2 * self::LEFT - 100);
        $targets = array_map(fn (Target $target): array => $this->canvas->wrapped(
            "{$target->what}: {$target->words} ({$target->how})", Columns::TEXT, $this->width - 2 * self::LEFT - 64,
        ), $gate);
        $this->room($build, self::LINE * count($names) + 1.2 + (self::LINE + 1.2) * count(array_merge([], ...$targets)));
        $this->box(self::LEFT, $this->y - 3.0, $done);
        foreach (array_values(array_unique(array_map(
            fn (Caution $caution): int => $this->signs[$caution->value], $operation->cautions,
        ))) as $at => $number) {
            $this->sign($this->width - self::LEFT - 92 + 5.4 * $at, $this->y, $number);
        }
        $times = Say::duration($operation->work()->minutes).(
            $operation->hold->minutes > 0 ? ', holds '.Say::clockTime($operation->hold->minutes) : ''
        );
        $this->canvas->words($times, $this->width - self::LEFT - 34, $this->y, Columns::TEXT, 'end');
        $this->canvas->words('by ______  ______', $this->width - self::LEFT, $this->y, Columns::TEXT, 'end');
        foreach ($names as $line) {
            $this->canvas->words($line, self::LEFT + 6, $this->y, Columns::TEXT);
            $this->y += self::LINE;
        }
        $this->y += 1.2;
        foreach ($targets as $lines) {
            $this->ring(self::LEFT + 8, $this->y - 1.2);
            $this->canvas->words('measured ______________', $this->width - self::LEFT, $this->y, Columns::TEXT, 'end');
            foreach ($lines as $line) {
                $this->canvas->words($line, self::LEFT + 11, $this->y, Columns::TEXT);
                $this->y += self::LINE;
            }
            $this->y += 1.2;
        }
        $this->y += 0.6;
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

    /** A numbered triangle: here, and wherever it stands, the caution with that number is meant. */
    private function sign(float $x, float $y, int $number): void
    {
        $this->canvas->pdf->setLineStyle(['width' => 0.3, 'color' => [34, 32, 27], 'dash' => 0]);
        $this->canvas->pdf->Polygon([$x, $y + 0.5, $x + 5.0, $y + 0.5, $x + 2.5, $y - 3.8], 'S', [], [], true);
        $this->canvas->words((string) $number, $x + 2.5, $y + 0.1, 7, 'middle');
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
            "{$build->name()} · traveller · sheet {$this->page} · ".Say::dayAndYear($this->clock->today($this->house->zone())),
            self::LEFT,
            $this->height - 9,
            Columns::TEXT,
        );
    }
}
