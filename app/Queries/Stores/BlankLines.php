<?php

declare(strict_types=1);

namespace App\Queries\Stores;

use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\Stores\Blank;
use App\Pages\Stores\BlankLine;
use App\Planning\House\House;
use App\Planning\Stores\LotMoisture;
use App\Support\Clock;
use App\Support\Say;
use Illuminate\Database\Eloquent\Builder;
use Regimen\Costing\KitState;
use Regimen\Parts\PartGroup;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\Operations;
use Regimen\Route\OperationState;
use Regimen\Units\Words;

/** Blanks that are reserved for their builds and wait to be worked on. */
final readonly class BlankLines
{
    public function __construct(private House $house, private LotMoisture $moisture, private Clock $clock)
    {
    }

    /** @return list<BlankLine> in the order of their builds */
    public function waiting(Person $viewer): array
    {
        $waits = static fn (Builder $line): Builder => $line->where('state', KitState::Arrived->value)->where('used', 0)->where('written_off', 0)->whereNull('piece_id');
        $blanks = Blank::query()->reserved()
            ->where(static fn (Builder $query): Builder => $query
                ->where(static fn (Builder $one): Builder => $one->whereHas('kitLine', $waits)
                    ->whereHas('build', static fn (Builder $build): Builder => $build->whereIn('status', [BuildStatus::Open->value, BuildStatus::CalledOff->value, BuildStatus::WrittenOff->value])))
                // A shaft that was roughed is read again while it rests.
                ->orWhere(static fn (Builder $neck): Builder => $neck->where('key', 'neck.0')->whereHas('kitLine', static fn (Builder $line): Builder => $line->where('surplus', false)->whereNull('piece_id'))
                    ->whereHas('build', static fn (Builder $build): Builder => $build->where('status', BuildStatus::Open->value))
                    ->whereHas('build.operations', static fn (Builder $one): Builder => $one->where('key', NeckOperation::Recheck->value)->where('state', OperationState::Open->value))))
            ->with(['build', 'kitLine', 'readings', 'board.readings', 'board.lot.readings'])->orderBy('build_id')->orderBy('id')->get();

        return array_values($blanks->map(fn (Blank $one): BlankLine => $this->line($one, $viewer))->all());
    }

    /**
     * What an operation is done on, where it is the first to cut it or chooses it.
     *
     * @return list<string>
     */
    public function under(Operation $operation): array
    {
        $rests = $operation->key === NeckOperation::Recheck->value ? [PartGroup::NeckTimber] : [];
        $groups = array_filter([...Operations::cutsInto($operation->key), ...$rests, ...$operation->needs], static fn (PartGroup $one): bool => in_array($one, PartGroup::timber(), true));
        $blanks = $groups === [] ? [] : Blank::query()->inBuild()->where('build_id', $operation->build_id)
            ->whereHas('kitLine', static fn ($line) => $line->whereIn('group', array_map(static fn (PartGroup $one): string => $one->value, $groups)))
            ->with(['readings', 'board.readings', 'board.lot.readings'])->orderBy('id')->get()->all();

        return array_values(array_map(function (Blank $one): string {
            [$settled] = $this->settled($one);

            return "Blank {$one->id} for the {$one->kind()}: {$one->board->species} from board {$one->board_id}, ".self::size($one).', '.$settled.($one->board->place === '' ? '' : "; lay at {$one->board->place}");
        }, $blanks));
    }

    private function line(Blank $blank, Person $viewer): BlankLine
    {
        $isIdle = $blank->kitLine->surplus || $blank->build->status !== BuildStatus::Open;
        [$settled, $isReady] = $isIdle ? ['not needed there any more', false] : $this->settled($blank);

        return new BlankLine(
            id: $blank->id, build: $blank->build->number, title: $blank->build->title, what: $blank->kind(), size: self::size($blank), species: $blank->board->species, board: $blank->board_id,
            place: $blank->board->place, money: $viewer->isManager() ? $this->house->money($blank->cost_minor)->plain() : null, settled: $settled, ready: $isReady,
        );
    }

    /** @return array{string, bool} */
    private function settled(Blank $blank): array
    {
        $settling = $this->moisture->ofBlank($blank);
        if ($settling === null) {
            return ['moisture not read', false];
        }
        $ready = BoardsPage::day($settling->readyAt(), $this->house->zone());
        $now = Words::number($settling->at($this->clock->now()->getTimestamp() / 86_400)).' % by now';
        $isReady = $ready <= $this->clock->today($this->house->zone());

        return [$isReady ? "settled, {$now}" : 'ready '.Say::day($ready).", {$now}", $isReady];
    }

    private static function size(Blank $blank): string
    {
        return ($blank->pieces > 1 ? "{$blank->pieces} × " : '').Words::number($blank->length_tenths / 10, 0).' × '.Words::number($blank->width_tenths / 10, 0).' × '.Words::number($blank->thickness_tenths / 10).' mm';
    }
}
