<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Actions\Work\Readiness;
use App\Models\Bench\Instruction;
use App\Models\Bench\Photograph;
use App\Models\Bench\Tick;
use App\Models\Build\Operation;
use App\Models\People\TimeEntry;
use App\Pages\Bench\BenchClock;
use App\Pages\Bench\BenchJoint;
use App\Pages\Bench\BenchList;
use App\Pages\Bench\HouseInstruction;
use App\Pages\Bench\UnderHand;
use App\Planning\Specification\AsMade;
use App\Planning\Specification\Revisions;
use App\Queries\Build\LastTime;
use App\Queries\House\ResourceNames;
use App\Queries\Parts\InStockFor;
use App\Queries\Setback\TellForms;
use App\Queries\Specification\Drawings;
use App\Queries\Stores\BlankLines;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;
use Regimen\Figures\Circuit;
use Regimen\Inspection\Readings\GateSheet;
use Regimen\Instrument\Specification;
use Regimen\Route\Operations\ClosingList;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\Handling;
use Regimen\Route\Operations\Operations;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Piece;

/** What is to be seen of an operation in two seconds, with glue on the hands. */
final readonly class UnderHandQuery
{
    public function __construct(
        private AsMade $asMade, private Revisions $revisions, private Readiness $readiness, private ResourceNames $resources,
        private WrongBefore $wrongBefore, private BlankLines $blanks, private InStockFor $inStock, private Clock $clock,
    ) {
    }

    public function of(Operation $operation, ?TimeEntry $running): UnderHand
    {
        $build = $operation->build;
        $read = AsMade::read($build, AsMade::measured($build));
        $view = Operations::viewOf($operation->key)->draw($this->revisions->workings($read, $build));
        $sheet = $this->asMade->sheet($operation);
        $clock = $running !== null && $running->operation_id === $operation->id ? $running : null;

        return new UnderHand(
            id: $operation->id, version: $operation->version, build: $build->number, title: $build->title,
            piece: implode(', ', array_map(static fn (Piece $piece): string => $piece->value, $operation->pieces)),
            name: $operation->name, begun: $operation->state === OperationState::Started,
            drawing: Drawings::view($view->view, 1, 4.0),
            waits: $this->waits($operation), cautions: Caution::together($operation->cautions), ends: self::ends($operation, $sheet),
            plannedMinutes: $operation->workMinutes(), workedMinutes: $this->worked($operation),
            clock: $clock === null ? null : new BenchClock(id: $clock->id, since: (string) $clock->started_at?->toIso8601ZuluString()),
            holds: $operation->hold_minutes === 0 ? '' : Say::clockTime($operation->hold_minutes).($operation->fixture === null ? '' : ', '.$this->resources->of($operation->fixture)),
            lists: self::lists($operation, $read->orFail()), instruction: self::instruction($operation), wrong: $this->wrongBefore->at($operation),
            timber: [...$this->blanks->under($operation), ...$this->inStock->goneBy($operation)], way: $operation->way, kind: Handling::of($operation->key, $operation->station, (bool) $operation->one_sitting)->words(),
            tell: TellForms::atBench($operation), frets: $read->specification->board->frets ?? 0, lastTime: LastTime::of($build)[$operation->key] ?? '',
        );
    }

    private function waits(Operation $operation): string
    {
        try {
            $this->readiness->mustBeReady($operation, 'clock');

            return '';
        } catch (ValidationException $not) {
            return $not->getMessage();
        }
    }

    private static function ends(Operation $operation, GateSheet $sheet): string
    {
        $places = $sheet->places();

        return match (true) {
            $places > 0 => "ends with {$places} ".($places === 1 ? 'reading' : 'readings'),
            $operation->hold_minutes > 0 => 'ends when it is glued, coated or laid to rest',
            default => 'ends when it is done',
        };
    }

    private function worked(Operation $operation): int
    {
        $now = $this->clock->now();

        return (int) $operation->timeEntries()->get()->sum(static fn (TimeEntry $one): int => $one->minutes ?? $one->elapsed($now));
    }

    /** @return list<BenchList> */
    private static function lists(Operation $operation, Specification $specification): array
    {
        $wiring = in_array($operation->key, [ElectronicsOperation::Harness->value, ElectronicsOperation::Install->value], true);
        $all = [
            'closing' => ['Before it is closed', ClosingList::before($operation->key, $specification)],
            'joints' => ['Joints to solder', $wiring ? Circuit::of($specification)->joints() : []],
        ];
        $ticks = array_merge(...array_column($all, 1)) === [] ? new Collection : Tick::query()->with('person:id,name')->where('operation_id', $operation->id)->get()->toBase();
        $lists = [];
        foreach ($all as $key => [$title, $items]) {
            if ($items !== []) {
                $lists[] = new BenchList(key: $key, title: $title, items: array_map(
                    static fn (string $item): BenchJoint => new BenchJoint(
                        item: $item, by: (string) $ticks->first(static fn (Tick $one): bool => $one->list === $key && $one->item === $item)?->person->name,
                    ), $items,
                ));
            }
        }

        return $lists;
    }

    private static function instruction(Operation $operation): ?HouseInstruction
    {
        $latest = Instruction::query()->with('person:id,name')->where('operation_key', $operation->key)->orderByDesc('version')->first();

        return $latest === null ? null : new HouseInstruction(
            version: $latest->version, text: $latest->text, by: $latest->person->name, at: $latest->at->toIso8601ZuluString(),
            photographs: array_values(Photograph::query()->where('operation_key', $operation->key)->where('instruction_version', $latest->version)->pluck('id')->all()),
        );
    }
}
