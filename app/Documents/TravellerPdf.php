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
use Regimen\Route\Operations\Operations;
use Regimen\Route\Standards\Caution;

/**
 * The sheet that goes with an instrument through the shop: drawing, operations in order, boxes to tick, gates to write
 * on.
 */
final class TravellerPdf
{
    /** @var array<string, int> the sign of each caution that has been written out */
    private array $signs = [];

    private Canvas $canvas;

    private Flow $flow;

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
        $this->canvas = new Canvas("{$build->name()}, traveller", $paper, 'P', $this->clock->now()->getTimestamp());
        $this->flow = new Flow(
            $this->canvas, $paper, "{$build->name()} · traveller", Say::dayAndYear($this->clock->today($this->house->zone())),
        );
        $this->signs = [];
        $this->head($build, $workings, $address);
        $done = $build->operations
            ->filter(fn ($operation): bool => $operation->isOver($this->clock->now()))
            ->pluck('key')
            ->all();
        $stage = null;
        foreach ($route->operations as $operation) {
            if (self::stageOf($operation) !== $stage) {
                $stage = self::stageOf($operation);
                $this->stage($stage, self::run($route->operations, $operation));
            }
            $this->operation(
                $operation, $gates->after($operation->key), in_array($operation->key, $done, true),
            );
        }
        $this->flow->room(12.0);
        $this->canvas->words(Caution::CLOSING, Flow::LEFT, $this->flow->y + 4, Columns::TEXT);

        return $this->canvas->output();
    }

    private function head(Build $build, Workings $workings, string $address): void
    {
        $this->canvas->heading($build->name(), Flow::LEFT, 18, 16);
        $by = $build->promised_on === null ? 'no promise' : 'promised for '.Say::dayAndYear($build->promised_on);
        $this->canvas->words(
            ($build->client === null ? 'for stock' : "for {$build->client->name}")
                .", {$by}; specification revision {$build->specification->number}",
            Flow::LEFT,
            24,
            Columns::TEXT,
        );
        $this->canvas->words($workings->specification->inOneLine(), Flow::LEFT, 29.5, Columns::TEXT);
        $this->canvas->pdf->squareCode($address, $this->flow->right() - 22, 10, 22);
        $view = FrontView::draw($workings);
        $scale = min(($this->flow->width - 2 * Flow::LEFT) / $view->along()->length(), 62.0 / $view->across()->length());
        $this->canvas->draw(
            $view, Flow::LEFT - $view->along()->from * $scale, 35 - $view->across()->from * $scale, $scale, true,
        );
        $this->flow->y = 35 + $view->across()->length() * $scale + 5;
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
                if (self::stageOf($one) !== self::stageOf($first)) {
                    break;
                }
                $run[] = $one;
            }
        }

        return $run;
    }

    private static function stageOf(Operation $operation): string
    {
        return Operations::stageWords($operation->key, $operation->standard->stage);
    }

    /**
     * A heading with the cautions of its operations, each once.
     *
     * @param  list<Operation>  $operations
     */
    private function stage(string $stage, array $operations): void
    {
        $cautions = [];
        foreach ($operations as $operation) {
            foreach ($operation->cautions as $caution) {
                $cautions[$caution->value] = $caution;
            }
        }
        $this->flow->room(34.0);
        $this->flow->y += 4.0;
        $this->canvas->heading(ucfirst($stage), Flow::LEFT, $this->flow->y, 12);
        $this->flow->y += 5.5;
        foreach ($cautions as $key => $caution) {
            $this->signs[$key] ??= count($this->signs) + 1;
            $words = implode(' ', array_slice(Caution::together([$caution]), 0, -1));
            $lines = $this->canvas->wrapped($words, Columns::TEXT, $this->flow->width - 2 * Flow::LEFT - 7);
            $this->flow->room(Flow::LINE * count($lines));
            $this->sign(Flow::LEFT, $this->flow->y, $this->signs[$key]);
            foreach ($lines as $line) {
                $this->canvas->words($line, Flow::LEFT + 7, $this->flow->y, Columns::TEXT);
                $this->flow->y += Flow::LINE;
            }
            $this->flow->y += 1.3;
        }
        $this->flow->y += $cautions === [] ? 0.0 : 2.0;
    }

    /** @param  list<Target>  $gate */
    private function operation(Operation $operation, array $gate, bool $done): void
    {
        $way = $operation->standard->way === '' ? '' : ", {$operation->standard->way}";
        $names = $this->canvas->wrapped($operation->name.$way, Columns::TEXT, $this->flow->width - 2 * Flow::LEFT - 100);
        $targets = array_map(fn (Target $target): array => $this->canvas->wrapped(
            "{$target->what}: {$target->words}".($target->inInches() === '' ? '' : ", {$target->inInches()}")
                ." ({$target->how})",
            Columns::TEXT, $this->flow->width - 2 * Flow::LEFT - 64,
        ), $gate);
        $this->flow->room(Flow::LINE * count($names) + 1.2 + (Flow::LINE + 1.2) * count(array_merge([], ...$targets)));
        $this->flow->box(Flow::LEFT, $done);
        foreach (array_values(array_unique(array_map(
            fn (Caution $caution): int => $this->signs[$caution->value], $operation->cautions,
        ))) as $at => $number) {
            $this->sign($this->flow->right() - 92 + 5.8 * $at, $this->flow->y, $number);
        }
        $times = Say::duration($operation->work()->minutes).(
            $operation->hold->minutes > 0 ? ', holds '.Say::clockTime($operation->hold->minutes) : ''
        );
        $this->canvas->words($times, $this->flow->right() - 34, $this->flow->y, Columns::TEXT, 'end');
        $this->canvas->words('by ______  ______', $this->flow->right(), $this->flow->y, Columns::TEXT, 'end');
        foreach ($names as $line) {
            $this->canvas->words($line, Flow::LEFT + 6, $this->flow->y, Columns::TEXT);
            $this->flow->y += Flow::LINE;
        }
        $this->flow->y += 1.2;
        foreach ($targets as $lines) {
            $this->ring(Flow::LEFT + 8, $this->flow->y - 1.2);
            $this->canvas->words('measured ______________', $this->flow->right(), $this->flow->y, Columns::TEXT, 'end');
            foreach ($lines as $line) {
                $this->canvas->words($line, Flow::LEFT + 11, $this->flow->y, Columns::TEXT);
                $this->flow->y += Flow::LINE;
            }
            $this->flow->y += 1.2;
        }
        $this->flow->y += 0.6;
    }

    /** A numbered triangle: here, and wherever it stands, the caution with that number is meant. */
    private function sign(float $x, float $y, int $number): void
    {
        $this->canvas->pdf->setLineStyle(['width' => 0.3, 'color' => [34, 32, 27], 'dash' => 0]);
        $this->canvas->pdf->Polygon([$x, $y + 0.5, $x + 5.4, $y + 0.5, $x + 2.7, $y - 4.0], 'S', [], [], true);
        $this->canvas->words((string) $number, $x + 2.7, $y + 0.1, 8, 'middle');
    }

    private function ring(float $x, float $y): void
    {
        $this->canvas->pdf->setLineStyle(['width' => 0.3, 'color' => [34, 32, 27], 'dash' => 0]);
        $this->canvas->pdf->Circle($x, $y, 1.3);
    }
}
