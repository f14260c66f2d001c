<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Parts\SentWork;
use App\Models\Parts\Supplier;
use App\Models\People\Person;
use App\Pages\Parts\AwayProps;
use App\Pages\Parts\SendChoice;
use App\Pages\Parts\SentLine;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Planning\Problem\AwayWork;
use App\Planning\Specification\AsMade;
use App\Support\Clock;
use App\Support\Say;
use Regimen\Inspection\Target;
use Regimen\Route\OperationState;

/** Work that is sent out: what is agreed, what is away, and what comes back when. */
final readonly class AwayPage
{
    private const BEFORE = 10;

    public function __construct(private House $house, private AwayWork $away, private AsMade $made, private Clock $clock)
    {
    }

    public function data(Person $viewer, ?Build $build, string $operation): AwayProps
    {
        $today = $this->clock->today($this->house->zone());
        $works = SentWork::query()->underWay()->with(['build.specification', 'build.measurements', 'operation.planned', 'supplier'])->orderByRaw('expected_on is null, expected_on')->orderBy('id')->get();
        $before = SentWork::query()->whereNotNull('returned_on')->with(['build', 'supplier'])->orderByDesc('returned_on')->orderByDesc('id')->limit(self::BEFORE)->get();
        $lines = array_values($works->map(fn (SentWork $one): SentLine => $this->line($one, $viewer, $today))->all());

        return new AwayProps(
            headline: self::headline($lines), works: $lines,
            before: array_values($before->map(static fn (SentWork $one): string => Say::day((string) $one->returned_on).": {$one->what} of No. {$one->build->number}, back from {$one->supplier->name}, {$one->checked}")->all()),
            builds: $viewer->isManager() ? array_values(Build::query()->open()->orderBy('number')->get()->toBase()->map(static fn (Build $one): Option => new Option((string) $one->number, $one->name()))->all()) : [],
            suppliers: $viewer->isManager() ? array_values(Supplier::query()->orderBy('name')->get()->toBase()->map(static fn (Supplier $one): Option => new Option((string) $one->id, $one->name.($one->canBeReached() ? '' : ' (no address)')))->all()) : [],
            build: $build?->number, routeVersion: $build->route_version ?? 0, operation: $operation, operations: $build === null || ! $viewer->isManager() ? [] : $this->operations($build), today: $today,
        );
    }

    /** @param  list<SentLine>  $lines */
    private static function headline(array $lines): string
    {
        $away = array_filter($lines, static fn (SentLine $one): bool => $one->dispatchedOn !== null);
        $late = array_filter($away, static fn (SentLine $one): bool => $one->overdue);

        return match (true) {
            $late !== [] => ucfirst(Say::count(count($late), 'piece is', 'pieces are')).' away longer than agreed',
            $away !== [] => ucfirst(Say::count(count($away), 'piece is', 'pieces are')).' away',
            $lines !== [] => ucfirst(Say::count(count($lines), 'piece is', 'pieces are')).' to be sent out',
            default => 'Nothing is sent out',
        };
    }

    private function line(SentWork $one, Person $viewer, string $today): SentLine
    {
        $look = $one->operation === null ? [] : $this->made->targets($one->operation->setRelation('build', $one->build));

        return new SentLine(
            id: $one->id, version: $one->version, build: $one->build->number, title: $one->build->title, what: $one->what, operation: $one->operation->name ?? 'not on the route any more', supplier: $one->supplier->name, note: $one->note,
            cost: $viewer->isManager() ? $this->house->money($one->cost_minor)->plain() : null, days: $one->lead_days, orderedOn: $one->ordered_on,
            plannedOn: $one->dispatched_on === null ? $one->operation?->planned?->start?->setTimezone($this->house->zone())->toDateString() : null, dispatchedOn: $one->dispatched_on, expectedOn: $one->expected_on,
            likelyOn: $one->dispatched_on === null ? null : $this->away->likely($one), overdue: $one->expected_on !== null && $one->expected_on < $today, checked: $one->checked,
            look: array_values(array_unique(array_map(static fn (Target $target): string => "{$target->what}, {$target->words}", $look))),
        );
    }

    /** @return list<SendChoice> not begun, and not sent out yet */
    private function operations(Build $build): array
    {
        $sent = SentWork::query()->underWay()->where('build_id', $build->id)->pluck('operation_id')->all();

        return array_values(Operation::query()->where('build_id', $build->id)->where('state', OperationState::Open->value)->whereNotIn('id', $sent)->orderBy('position')->get()
            ->map(static fn (Operation $one): SendChoice => new SendChoice($one->key, $one->name, $one->stage->value))->all());
    }
}
