<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Bench\Instruction;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Gate\Reading;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Specification\Revisions;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Regimen\Inspection\Target;
use Regimen\Route\Operations\GateBook;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\Operations;

/** What the demo shop has read at its gates, how it does things, and codes for its tablet. All of it invented. */
final class DemoBench
{
    /** Everybody’s code on the shared tablet. */
    public const CODE = '2026';

    private readonly Randomizer $draw;

    public function __construct()
    {
        $this->draw = new Randomizer(new Mt19937(1888));
    }

    public function run(CarbonImmutable $now): void
    {
        $rows = [];
        foreach (Build::query()->with(['specification', 'operations'])->orderBy('id')->get() as $build) {
            $read = Revisions::read($build->specification);
            $done = $build->operations->filter(static fn (Operation $one): bool => $one->labour_done_at !== null && Operations::gateAfter($one->key) !== null);
            if ($done->isEmpty() || $read->specification === null) {
                continue;
            }
            $gates = GateBook::for(app(Revisions::class)->workings($read, $build), app(House::class)->rules()->tolerances);
            foreach ($done as $operation) {
                array_push($rows, ...$this->readings($operation, $gates->after($operation->key), $build->number));
            }
        }
        foreach (array_chunk($rows, 60) as $chunk) {
            Reading::query()->insert($chunk);
        }
        Operation::query()->whereIn('id', array_column($rows, 'operation_id'))->update(['gate_closed_at' => DB::raw('labour_done_at')]);
        // One hash for all: it is the same code.
        Person::query()->where('active', true)->orderBy('id')->firstOrFail()->update(['bench_code' => self::CODE]);
        DB::table('people')->where('active', true)->update(['bench_code' => DB::table('people')->orderBy('id')->value('bench_code')]);
        $this->knowledge($now);
    }

    /**
     * @param  list<Target>  $targets
     * @return list<array<string, mixed>>
     */
    private function readings(Operation $operation, array $targets, int $number): array
    {
        $rows = [];
        foreach ($targets as $target) {
            $base = $target->compares > 0 ? 28.0 + $this->draw->getInt(-40, 40) / 10 : null;
            foreach ($target->isSeen() ? [] : $target->places as $place) {
                $rows[] = [
                    'operation_id' => $operation->id, 'round' => 1, 'line' => $target->key(), 'place' => $place,
                    'value' => round($this->value($target, $base, $number), 2), 'unit' => $target->unit, 'tool' => $target->how,
                    'low' => $target->low, 'high' => $target->high, 'mark' => $target->wanted(), 'person_id' => $operation->person_id ?? 1,
                    'at' => $operation->labour_done_at?->toDateTimeString(),
                ];
            }
        }

        return $rows;
    }

    private function value(Target $target, ?float $base, int $number): float
    {
        // Three draws together lie about the middle.
        $around = ($this->draw->getInt(-100, 100) + $this->draw->getInt(-100, 100) + $this->draw->getInt(-100, 100)) / 300;
        // Since the stop was set anew pockets come out a hair deeper.
        $crept = $target->key() === 'pocket-depth' && $number > 24 ? 0.07 : 0.0;

        return match (true) {
            $base !== null => $base + $around * ($target->high ?? 0.2) * 0.5,
            $target->low !== null && $target->high !== null => ($target->low + $target->high) / 2 + $crept + $around * ($target->high - $target->low) * 0.42,
            $target->high !== null => $target->high * (0.55 + 0.3 * $around),
            $target->low !== null => $target->low + 3.0 + $around * 2,
            default => 3_450.0 + $around * 400,
        };
    }

    private function knowledge(CarbonImmutable $now): void
    {
        $maker = Person::query()->where('active', true)->orderBy('id')->skip(1)->firstOrFail();
        Instruction::query()->create([
            'operation_key' => NeckOperation::Channel->value, 'version' => 1, 'person_id' => $maker->id, 'at' => $now->subMonths(4),
            'text' => "Fence against the squared edge, 6 mm bit, three passes.\nFirst pass a hair deep, to see that it runs on the line.",
        ]);
        Instruction::query()->create([
            'operation_key' => NeckOperation::Carve->value, 'version' => 1, 'person_id' => $maker->id, 'at' => $now->subMonths(2),
            'text' => 'Facets first, at the first and the twelfth; join them with the long spokeshave. Leave 0.3 for sanding.',
        ]);
    }
}
