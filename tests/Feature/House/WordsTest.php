<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Plan\PlanEntry;
use App\Pages\Build\MarkKind;
use App\Planning\Plan\Planner;
use App\Queries\Build\BuildStrip;
use App\Queries\Build\OpenBuilds;
use App\Queries\Today\Headline;
use App\Support\Say;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Regimen\Forecast\Outlook;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Schedule\Time\WorkingHours;
use Tests\TestCase;

/** What the pages say and draw. */
final class WordsTest extends TestCase
{
    /** @return iterable<string, array{int, int, int, int, string}> late, tight, kept, unplanned, headline */
    public static function headlines(): iterable
    {
        yield 'nothing' => [0, 0, 0, 0, 'Nothing on the bench yet'];
        yield 'all well' => [0, 0, 3, 0, 'Every promise can be kept'];
        yield 'one late' => [1, 0, 2, 0, 'One promise will break'];
        yield 'two late' => [2, 0, 0, 0, 'Two promises will break'];
        yield 'one tight' => [0, 1, 0, 0, 'One promise is tight'];
        yield 'both' => [1, 2, 0, 0, 'One promise will break, two are tight'];
        yield 'many' => [12, 1, 0, 0, '12 promises will break, one is tight'];
        yield 'unplanned' => [0, 0, 1, 1, 'One promise cannot be planned'];
    }

    #[DataProvider('headlines')]
    public function test_the_headline(int $late, int $tight, int $kept, int $unplanned, string $says): void
    {
        $hours = WorkingHours::of(array_fill(1, 5, [[480, 1020]]), [], new \DateTimeZone('UTC'));
        $of = static fn (?string $finish): Outlook => Outlook::judge($finish, '2026-03-27', $hours, 2);
        $outlooks = [
            ...array_fill(0, $late, $of('2026-04-27')), ...array_fill(0, $tight, $of('2026-03-27')),
            ...array_fill(0, $kept, $of('2026-03-02')), ...array_fill(0, $unplanned, $of(null)),
        ];
        $this->assertSame($says, Headline::about($outlooks));
    }

    public function test_figures_and_counts_are_said_alike_everywhere(): void
    {
        $this->assertSame(
            ['1 day', '2 days', '0 days', '3 boxes'],
            [Say::count(1, 'day'), Say::count(2, 'day'), Say::count(0, 'day'), Say::count(3, 'box', 'boxes')],
        );
        $this->assertSame(['1.5', '2', '0.33'], [Say::figure(1.5), Say::figure(2.0), Say::figure(1 / 3)]);
        $this->assertSame('Thu 26 Mar', Say::day('2026-03-26'));
        $this->assertSame(
            ['2 pieces', '1 piece', '5.1 bd ft', '1.4 m', '0.5 shares'],
            [
                Say::amount(2, 'piece'), Say::amount(1, 'piece'), Say::amount(5.1, 'bd ft'), Say::amount(1.4, 'm'),
                Say::amount(0.5, 'share'),
            ],
        );
    }

    public function test_the_strip_has_three_thin_layers_until_the_dry_fit_and_a_thick_one_from_then_on(): void
    {
        $this->openShop();
        $build = $this->build();
        $marks = collect(
            BuildStrip::marks(app(OpenBuilds::class)->placements(app(OpenBuilds::class)->all()->firstOrFail())),
        );
        $dryFit = PlanEntry::query()->findOrFail(
            $this->operation($build, JointOperation::DryFit->value)->id,
        )->start?->toIso8601ZuluString();
        $firstCut = PlanEntry::query()->whereIn(
            'operation_id', Operation::query()->where('pieces', '!=', '[]')->select('id'),
        )->min('start');
        $this->assertEqualsCanonicalizing(
            [0, 1, 2],
            $marks->pluck('ply')->uniqueStrict()->filter(static fn (?int $ply): bool => $ply !== null)->values()->all(),
        );
        foreach ($marks as $mark) {
            $this->assertLessThanOrEqual($mark->to, $mark->from);
            if ($mark->ply !== null) {
                $this->assertLessThan($dryFit, $mark->from, "{$mark->words} is thin before the parts are joined");
            } elseif ($mark->kind === MarkKind::Labour && $mark->from < $dryFit) {
                $this->assertLessThan(
                    (string) $firstCut, str_replace(['T', 'Z'], [' ', ''], $mark->from),
                    "{$mark->words} is thick before the first cut",
                );
            }
        }
        $this->assertCount(1, $marks->where('kind', MarkKind::Gate));
        $this->assertSame($dryFit, $marks->firstWhere('kind', MarkKind::Gate)->from);
        $this->assertNotEmpty($marks->where('kind', MarkKind::Wait), 'waiting for parts is drawn');
    }

    public function test_reasons_name_the_other_build_the_person_and_the_fixture(): void
    {
        $this->openShop();
        $this->build();
        $second = $this->build();
        app(Planner::class)->replan('a test');
        $because = fn (string $key): string => collect(
            $this->actingAs($this->manager)->get("/builds/{$second->number}")->inertiaProps('operations'),
        )->firstWhere('id', $this->operation($second, $key)->id)['because'];
        $this->assertStringStartsWith('Ines is busy with No. 1 ', $because(PreparationOperation::Agree->value));
        $this->assertStringStartsWith(
            'Waits for pickup: 18 days from the order', $because(PreparationOperation::MeasureParts->value),
        );

        DB::table('operations')
            ->where('key', PreparationOperation::Agree->value)
            ->where('build_id', $second->id)
            ->update(['state' => 'started', 'started_at' => '2026-03-18 08:00:00', 'person_id' => $this->manager->id]);
        app(Planner::class)->replan('a test');
        $this->assertSame('Under way.', $because(PreparationOperation::Agree->value));
    }

    public function test_every_plan_keeps_the_finish_it_expected(): void
    {
        $this->openShop();
        $build = $this->build();
        $this->actingAs($this->manager)->post('/house/closed-days', ['date' => '2026-03-19', 'note' => '']);
        $history = DB::table('planned_finishes')
            ->join('plans', 'plans.id', '=', 'plan_id')
            ->where('build_id', $build->id)
            ->orderBy('plans.id')
            ->get(['cause', 'finish']);
        $this->assertSame(
            ['new build 1 · {surname 1}', 'The shop: no work on Thu 19 Mar.'], $history->pluck('cause')->all(),
        );
        $this->assertSame(
            Build::query()->open()->count(),
            DB::table('planned_finishes')->where('plan_id', DB::table('plans')->max('id'))->count(),
        );
    }
}
