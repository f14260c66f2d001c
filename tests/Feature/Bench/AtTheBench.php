<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use Regimen\Route\OperationState;

/** A shop in which a maker with every skill has one build, its parts all there, on a Monday morning. */
trait AtTheBench
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->at('2026-03-16 08:00');
        $this->openShop();
        $this->maker->update(['skills' => ['bodies', 'necks', 'joints', 'frets', 'electronics', 'set-up', 'design', 'finish']]);
        $this->manager->update(['skills' => []]);
        $this->build = $this->build();
        KitLine::query()->update(['state' => 'arrived', 'arrived_on' => '2026-03-16']);
        $this->actingAs($this->maker->refresh());
    }

    private function ready(string $key): Operation
    {
        $operation = $this->operation($this->build, $key);
        Operation::query()->where('build_id', $this->build->id)->where('position', '<', $operation->position)
            ->update(['state' => OperationState::Done->value, 'labour_done_at' => '2026-03-16 07:00:00']);

        return $operation;
    }
}
