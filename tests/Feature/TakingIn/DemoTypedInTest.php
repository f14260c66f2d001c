<?php

declare(strict_types=1);

namespace Tests\Feature\TakingIn;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\People\Person;
use App\Models\People\TimeEntry;
use App\Planning\Problem\ShopProblem;
use App\Support\Clock;
use App\Support\Minutes;
use Carbon\CarbonImmutable;
use Database\Seeders\DemoShop;
use Illuminate\Support\Facades\DB;
use Regimen\Route\OperationState;
use Regimen\Schedule\Policy\PlanOrder;
use Regimen\Schedule\Policy\Standing;
use Regimen\Schedule\Problem\BuildId;
use Regimen\Tests\Schedule\IdleStretches;
use Tests\TestCase;

/** The demo shop as it stands, typed in again as its people would, is planned as it was. */
final class DemoTypedInTest extends TestCase
{
    public function test_the_demo_shop_is_idle_for_a_cause_and_typed_in_again_it_has_the_same_finishes_within_a_day(): void
    {
        $this->at('2026-03-18 09:12');
        $this->seed(DemoShop::class);
        // Whoever has nothing to do for over an hour in its first three days has it for a cause that is true.
        $planned = (new PlanOrder(app(ShopProblem::class)->assemble(), new Standing))->planned();
        $this->assertGreaterThan(0, IdleStretches::judge($planned->problem, $planned->plan, 'the demo shop'));

        // Nobody remembers when what these wait for was ordered, nor to the minute when what is on the bench was begun.
        Operation::query()->where('state', OperationState::Started->value)->update(['started_at' => '2026-03-18 08:12:00']);
        KitLine::query()->whereIn('build_id', Build::query()->open()->select('id'))->update(['ordered_on' => null]);
        app()->forgetScopedInstances();
        $shop = $this->remembered();
        $before = $this->finishes();
        $this->emptied();
        $this->actingAs(Person::query()->where('role', 'manager')->sole());
        foreach ($shop as $one) {
            $this->typeIn($one);
        }
        $this->assertSame($before, $this->finishes(), 'planned from nothing, to the minute');
        foreach ($before as $number => $minute) {
            $this->assertEqualsWithDelta(
                $minute, Minutes::of(CarbonImmutable::parse($this->inForce($number), 'UTC')), 1440, "No. {$number} in the plan in force",
            );
        }
    }

    private function inForce(int $number): string
    {
        return (string) DB::table('plan_entries')->join('builds', 'builds.id', 'plan_entries.build_id')
            ->where('builds.number', $number)->max('finish');
    }

    /** @return array<int, int> the minute at which each is finished, planned from nothing */
    private function finishes(): array
    {
        $planned = (new PlanOrder(app(ShopProblem::class)->assemble(), new Standing))->planned();
        $days = [];
        foreach (Build::query()->open()->orderBy('number')->get() as $build) {
            $days[$build->number] = (int) $planned->finish(BuildId::of($build->id)->number);
        }

        return $days;
    }

    /** @return list<array<string, mixed>> what somebody who knows the shop would say of each */
    private function remembered(): array
    {
        return Build::query()->open()->with(['client', 'operations.timeEntries', 'kit', 'specification'])->orderBy('number')->get()
            ->map(static fn (Build $build): array => [
                'build' => $build->getAttributes(), 'client' => $build->client?->name,
                // What it is built by: what is only being written is not made yet.
                'specification' => $build->specification->client,
                'released' => $build->specification->isReleased(),
                'methods' => $build->methods,
                'changes' => $build->routeChanges()->pluck('body')->all(),
                'operations' => $build->operations->map(static fn (Operation $one): array => [
                    ...$one->getAttributes(), 'worked' => (int) $one->timeEntries->sum(fn (TimeEntry $entry): int => $entry->minutes ?? $entry->elapsed(app(Clock::class)->now())),
                    'hold' => $one->hold_until?->setTimezone('Europe/Berlin')->format('Y-m-d\TH:i'),
                ])->all(),
                'kit' => $build->kit->map(static fn (KitLine $line): array => $line->getAttributes())->all(),
            ])->values()->all();
    }

    /** The shop before the first instrument is typed in: people, hours, stations, prices and what is finished stay. */
    private function emptied(): void
    {
        // Released revisions and the logbook are guarded against this; it is another shop that is typed into.
        foreach (DB::table('sqlite_master')->where('type', 'trigger')->pluck('name') as $guard) {
            DB::statement("drop trigger {$guard}");
        }
        $open = Build::query()->open()->select('id');
        $operations = Operation::query()->whereIn('build_id', Build::query()->open()->select('id'))->select('id');
        foreach (['given_forecasts', 'build_forecasts', 'forecasts', 'plan_offers', 'plan_helps', 'plan_changes', 'scenarios', 'plan_troubles', 'plan_entries', 'pins'] as $table) {
            DB::table($table)->delete();
        }
        foreach (['template_uses', 'template_checks', 'template_files', 'templates'] as $table) {
            DB::table($table)->delete();
        }
        DB::table('sent_works')->delete();
        DB::table('invoice_buyers')->whereIn('invoice_id', DB::table('invoices')->whereIn('build_id', $open)->select('id'))->delete();
        DB::table('part_order_lines')->update(['build_id' => null, 'kit_line_id' => null]);
        DB::table('stock_movements')->update(['build_id' => null, 'kit_line_id' => null]);
        DB::table('photographs')->whereIn('build_id', $open)->delete();
        DB::table('setbacks')->whereIn('build_id', $open)->delete();
        DB::table('time_entries')->whereIn('operation_id', $operations)->delete();
        DB::table('readings')->whereIn('operation_id', $operations)->delete();
        DB::table('bench_notes')->whereIn('operation_id', $operations)->delete();
        foreach ([
            'payments', 'payment_parts', 'invoices', 'carriages', 'decisions', 'client_pages', 'approvals', 'change_orders', 'letters', 'planned_finishes', 'operation_links', 'measurements', 'kit_lines', 'route_changes', 'accepted_findings',
            'specification_revisions', 'log_entries', 'operations',
        ] as $table) {
            DB::table($table)->whereIn('build_id', $open)->delete();
        }
        Build::query()->open()->delete();
        // What is finished comes out of a table.
        DB::table('time_entries')->update(['source' => 'taken in']);
    }

    /**
     * What its route has of its own, and operations that took other times when it was derived.
     *
     * @param  array<string, mixed>  $one
     */
    private function changed(Build $build, array $one): void
    {
        $minutes = static fn (int $count): string => "{$count} min";
        $changes = array_map(static fn (array $body): array => [
            ...$body, 'set_up' => $minutes($body['set_up']), 'labour' => $minutes($body['labour']), 'hold' => $minutes($body['hold']),
        ], $one['changes']);
        foreach ($one['operations'] as $known) {
            $now = $build->operations()->where('key', $known['key'])->first();
            if ($now !== null && [$now->set_up_minutes, $now->labour_minutes] !== [(int) $known['set_up_minutes'], (int) $known['labour_minutes']]) {
                $changes[] = [
                    'kind' => 'times', 'key' => $known['key'], 'set_up' => $minutes($known['set_up_minutes']),
                    'labour' => $minutes($known['labour_minutes']), 'hold' => '',
                ];
            }
        }
        foreach ($changes as $change) {
            $this->post("/builds/{$build->number}/route/changes", [
                ...$change, 'reason' => 'as it is', 'version' => $build->refresh()->route_version,
            ])->assertSessionHasNoErrors();
        }
    }

    /** @param  array<string, mixed>  $one */
    private function typeIn(array $one): void
    {
        $build = $one['build'];
        $this->post('/taking-in', [
            'number' => $build['number'], 'purpose' => $build['purpose'], 'client' => $one['client'] ?? '', 'title' => $build['title'],
            'promised_on' => $build['promised_on'], 'promise_kind' => $build['promise_kind'], 'specification' => $one['specification'],
        ])->assertSessionHasNoErrors();
        $typed = Build::query()->where('number', $build['number'])->sole();
        $this->changed($typed, $one);
        $ids = $typed->operations()->pluck('id', 'key');
        $lines = $typed->kit()->pluck('id', 'name');
        $operations = $kit = [];
        $worker = Person::query()->where('role', 'manager')->sole()->id;
        foreach ($one['operations'] as $known) {
            if (isset($ids[$known['key']]) && $known['state'] !== OperationState::Open->value) {
                $isOver = $known['state'] === OperationState::Holding->value && $known['hold'] <= '2026-03-18T09:12';
                $operations[$ids[$known['key']]] = [
                    'state' => $isOver ? 'done' : $known['state'], 'until' => $known['hold'] ?? '', 'hours' => "{$known['worked']} min",
                ];
                $worker = $known['state'] === OperationState::Started->value ? $known['person_id'] : $worker;
            }
        }
        foreach ($one['kit'] as $line) {
            if (isset($lines[$line['name']])) {
                $kit[$lines[$line['name']]] = ['state' => $line['state'], 'expected_on' => (string) $line['expected_on']];
            }
        }
        $this->post("/builds/{$build['number']}/taking-in", [
            'version' => $typed->version, 'worker_id' => $worker, 'operations' => $operations, 'kit' => $kit,
        ])->assertSessionHasNoErrors();
        foreach ($one['operations'] as $known) {
            if ($known['waits_for'] !== '') {
                $open = Operation::query()->findOrFail($ids[$known['key']]);
                $this->post("/operations/{$open->id}/wait", [
                    'version' => $open->version, 'what' => $known['waits_for'], 'until' => $known['waits_until'],
                ])->assertSessionHasNoErrors();
            }
        }
    }
}
