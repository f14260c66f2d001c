<?php

declare(strict_types=1);

namespace App\Actions\TakingIn;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Build\Purpose;
use App\Models\Client\Client;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Planning\House\House;
use App\Planning\Route\Draft;
use App\Planning\Route\Drafting;
use App\Planning\Route\RouteSync;
use App\Planning\Specification\Revisions;
use App\Support\Refused;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Regimen\Costing\KitState;
use Regimen\Formats\Finished\FinishedInstrument;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Route\OperationState;
use Regimen\Units\Duration;

/** Instruments that were finished before, with the hours they took: what the house standards learn from. */
final readonly class ImportFinished
{
    public function __construct(
        private Recording $recording,
        private Revisions $revisions,
        private Drafting $drafting,
        private RouteSync $sync,
        private House $house,
    ) {
    }

    /**
     * @param  list<FinishedInstrument>  $finished
     * @param  int|null  $model  house model that they were built by; the house's own way when null
     */
    public function __invoke(Person $by, array $finished, ?int $model): void
    {
        $this->recording->keep(function () use ($by, $finished, $model): void {
            $taken = Build::query()->whereIn('number', array_filter(array_column($finished, 'number')))->pluck('number');
            foreach ($finished as $one) {
                if ($taken->contains($one->number)) {
                    throw Refused::because("Line {$one->line}: there is a build No. {$one->number} already. Nothing was taken.", 'file');
                }
            }
            $house = $this->revisions->house([], $model);
            $draft = $this->drafting->draft(SpecificationReader::read([], $house)->orFail());
            // Those that have a number keep it; the others get what is left after them.
            usort($finished, static fn (FinishedInstrument $a, FinishedInstrument $b): int => [$a->number === null, $a->line] <=> [$b->number === null, $b->line]);
            foreach ($finished as $one) {
                $this->import($by, $one, $draft, $house, Revisions::modelName([], $house, $model));
            }
        });
    }

    /** @param  array<string, mixed>  $house */
    private function import(Person $by, FinishedInstrument $one, Draft $draft, array $house, string $model): void
    {
        $at = CarbonImmutable::parse($one->finished->format('Y-m-d').' 12:00', $this->house->zone())->utc();
        $build = $this->build($one, $draft, $at, $model);
        $build->revisions()->create([
            'number' => 1, 'client' => [], 'house' => $house, 'person_id' => $by->id, 'at' => $at, 'released_at' => $at,
            'released_by' => $by->id,
        ]);
        $this->sync->apply($build, $draft);
        Operation::query()->where('build_id', $build->id)->update([
            'state' => OperationState::Done, 'started_at' => $at, 'labour_done_at' => $at,
        ]);
        foreach ($build->kit()->get() as $line) {
            $this->use($line, $one);
        }
        $minutes = $this->hours($by, $one, $build->operations()->get()->keyBy('id'));
        $this->recording->log($build, $by, 'taken-in', 'Finished before the shop recorded here; '
            .Duration::ofMinutes($minutes).' worked, as they stood in a table.');
    }

    private function build(FinishedInstrument $one, Draft $draft, CarbonImmutable $at, string $model): Build
    {
        $client = $one->client === '' ? null : Client::query()->firstOrCreate(['name' => $one->client], ['contact' => '']);

        return Build::query()->create([
            'number' => $one->number ?? Build::nextNumber(),
            'title' => $one->name,
            'model' => $model,
            'client_id' => $client?->id,
            'purpose' => $client === null ? Purpose::Stock : Purpose::Commission,
            'status' => BuildStatus::Finished,
            'estimated_minutes' => $draft->route->work()->minutes,
            'estimated_labour_minor' => $draft->quote->labour->minor,
            'estimated_material_minor' => $draft->quote->material->minor,
            'ordered_at' => $at,
            'finished_at' => $at,
        ]);
    }

    private function use(KitLine $line, FinishedInstrument $one): void
    {
        $line->update([
            'state' => KitState::Used, 'used' => $line->quantity, 'arrived_on' => $one->finished->format('Y-m-d'),
        ]);
    }

    /**
     * @param  Collection<int, Operation>  $operations
     * @return int minutes altogether
     */
    private function hours(Person $by, FinishedInstrument $one, Collection $operations): int
    {
        $entries = [];
        foreach ($one->minutes as $stage => $minutes) {
            $entries += Shared::out($minutes, $operations
                ->filter(static fn (Operation $operation): bool => $stage === '' || $operation->stage->value === $stage)
                ->map(static fn (Operation $operation): int => $operation->workMinutes())
                ->all());
        }
        foreach (array_chunk($entries, 100, true) as $some) {
            TimeEntry::query()->insert(array_map(fn (int $operation, int $minutes): array => [
                'operation_id' => $operation, 'person_id' => $by->id, 'worked_on' => $one->finished->format('Y-m-d'),
                'minutes' => $minutes, 'rate_minor' => $this->house->shop()->labour_rate_minor, 'source' => TakeIn::SOURCE,
            ], array_keys($some), $some));
        }

        return array_sum($entries);
    }
}
