<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\LogEntry;
use App\Models\House\HouseVersion;
use App\Models\House\OperationStandard;
use App\Models\House\Shop;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Standards\Piece;
use Tests\TestCase;

/** House standards: editable, versioned, with where a value came from. */
final class StandardsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_a_standard_keeps_what_it_was_and_where_its_figures_come_from(): void
    {
        $radius = $this->standard(FretboardOperation::Radius->value, 'hand');
        $this->assertSame('default', $radius->source);
        $form = [
            'version' => 1, 'set_up' => '0:10', 'best' => '2', 'labour' => '3', 'worst' => '5', 'hold' => '0',
            'skill' => 'frets', 'fixtures' => '1',
        ];
        $this->put("/house/standards/{$radius->id}", [...$form, 'best' => '4'])->assertSessionHasErrors('best');
        $this->put("/house/standards/{$radius->id}", [...$form, 'worst' => '2'])->assertSessionHasErrors('best');
        $this->put("/house/standards/{$radius->id}", array_diff_key($form, ['worst' => 0]))->assertSessionHasErrors('worst');
        $this->put("/house/standards/{$radius->id}", array_diff_key($form, ['best' => 0]))->assertSessionHasErrors('best');
        $this->put("/house/standards/{$radius->id}", $form)->assertSessionHasNoErrors();
        $carve = $this->standard(NeckOperation::Carve->value, 'hand');
        $this->put(
            "/house/standards/{$carve->id}",
            [
                'version' => 1, 'set_up' => '0:12', 'best' => '3', 'labour' => '2', 'worst' => '7', 'hold' => '0',
                'skill' => 'necks', 'fixtures' => '1',
            ],
        )->assertSessionHasNoErrors();
        $this->assertSame(
            [90, 120, 210],
            [$carve->refresh()->best_minutes, $carve->labour_minutes, $carve->worst_minutes],
            'best and worst go with the usual',
        );
        $shown = collect(
            $this->get('/house/standards')->inertiaProps('standards'),
        )->firstWhere('key', FretboardOperation::Radius->value)['ways'][0];
        $this->assertSame(
            ['house', '3 h', '2 h', '5 h'], [$shown['source'], $shown['labour'], $shown['best'], $shown['worst']],
        );
        $this->assertSame(
            'set up 18 min → 10 min; labour 4 h → 3 h; best 3 h → 2 h; worst 8 h → 5 h',
            $shown['history'][0]['words'],
        );
        $this->assertSame('Ines', $shown['history'][0]['by']);
        $this->assertSame(2, HouseVersion::query()->count());
    }

    public function test_recorded_hours_teach_a_standard_when_there_are_enough(): void
    {
        $taper = $this->standard(FretboardOperation::Taper->value, 'template');
        $this->post("/house/standards/{$taper->id}/learn", ['version' => 1])->assertSessionHasErrors('learn');
        foreach ([60, 66, 72, 60] as $minutes) {
            $build = $this->build();
            $operation = $this->operation($build, FretboardOperation::Taper->value);
            $this->finished($build, FretboardOperation::Taper->value);
            DB::table('time_entries')->insert(
                [
                    'operation_id' => $operation->id, 'person_id' => $this->maker->id, 'worked_on' => '2026-03-10',
                    'minutes' => $minutes, 'rate_minor' => 1, 'source' => 'clock',
                ],
            );
        }
        $learned = collect(
            $this->get('/house/standards')->inertiaProps('standards'),
        )->firstWhere('key', FretboardOperation::Taper->value)['ways'][0]['learned'];
        $this->assertSame(4, $learned['jobs']);
        $this->post("/house/standards/{$taper->id}/learn", ['version' => 1])->assertSessionHasNoErrors();
        // Set-up of 12 min apart, 48 to 60 min of labour four times, and the standard of 30 min as three jobs: their
        // geometric mean.
        $this->assertEqualsWithDelta(
            exp((3 * log(30) + log(48) + log(54) + log(60) + log(48)) / 7), $taper->refresh()->labour_minutes, 1,
        );
        $this->assertSame('learned', $taper->source);
        $this->assertLessThan($taper->labour_minutes, $taper->best_minutes);
    }

    public function test_the_house_chooses_its_ways_and_new_builds_follow(): void
    {
        $old = $this->build();
        $version = Shop::current()->version;
        $this->put(
            '/house/methods',
            ['version' => $version, 'key' => 'tool:'.NeckOperation::Carve->value, 'answer' => 'machine'],
        )->assertSessionHasErrors('method');
        $this->assertStringContainsString(
            'machine router, which the shop does not have', session('errors')->first('method'),
        );
        $this->put(
            '/house/methods',
            ['version' => $version, 'key' => 'tool:'.FretboardOperation::Radius->value, 'answer' => 'template'],
        )->assertSessionHasNoErrors();
        $this->put(
            '/house/methods', ['version' => $version, 'key' => 'carve', 'answer' => 'before'],
        )->assertSessionHasErrors('conflict');
        $this->put(
            '/house/methods', ['version' => $version + 1, 'key' => 'carve', 'answer' => 'before'],
        )->assertSessionHasNoErrors();
        $new = $this->build();
        $this->assertSame(
            ['hand', 'template'],
            [
                $this->operation($old, FretboardOperation::Radius->value)->tool,
                $this->operation($new, FretboardOperation::Radius->value)->tool,
            ],
        );
        $this->assertSame([Piece::Neck], $this->operation($new, NeckOperation::Carve->value)->pieces);
        $page = $this->get('/house/standards');
        $this->assertSame('before', collect($page->inertiaProps('questions'))->firstWhere('key', 'carve')['answer']);
        $this->assertSame(
            'template',
            collect($page->inertiaProps('standards'))->firstWhere('key', FretboardOperation::Radius->value)['tool'],
        );
        $this->assertCount(2, $page->inertiaProps('history'));
        DB::table('resources')->where('key', 'machine-router')->update(['capacity' => 1]);
        $this->put(
            '/house/methods',
            ['version' => $version + 2, 'key' => 'tool:'.NeckOperation::Carve->value, 'answer' => 'machine'],
        )->assertSessionHasNoErrors();
    }

    public function test_tolerances_glue_and_the_air_are_the_houses_own_where_they_differ(): void
    {
        $this->put(
            '/house/rules',
            ['version' => 1, 'tolerances' => ['half-scale' => '0,1', 'width' => '0.2']],
        )->assertSessionHasNoErrors();
        $this->put('/house/rules', ['version' => 2, 'glue' => ['hide-glue' => '2']])->assertSessionHasNoErrors();
        $this->put('/house/rules', ['version' => 3, 'coldest' => '16', 'dampest' => '65'])->assertSessionHasNoErrors();
        $shop = Shop::current();
        $this->assertSame(
            [['half-scale' => 0.1], 160, 650],
            [$shop->tolerances, $shop->spray_coldest_tenths, $shop->spray_dampest_tenths],
        );
        $build = $this->build();
        $this->post(
            '/builds/1/route/method',
            ['version' => $build->refresh()->route_version, 'key' => 'joint-glue', 'answer' => 'hide-glue'],
        );
        $this->assertSame(2880, $this->operation($build, FretboardOperation::Glue->value)->hold_minutes);
        $this->assertSame(
            '323.85 ± 0.1 mm',
            collect(
                $this->get('/builds/1/route')->inertiaProps('operations'),
            )->firstWhere('key', FretboardOperation::Slots->value)['gate'][0]['words'],
        );
    }

    /** @param  array<string, mixed>  $form */
    #[TestWith([['tolerances' => ['width' => '-1']], 'tolerances.width'])]
    #[TestWith([['tolerances' => ['width' => 'tight']], 'tolerances.width'])]
    #[TestWith([['coldest' => '99', 'dampest' => '70'], 'coldest'])]
    #[TestWith([['coldest' => '15', 'dampest' => '170'], 'dampest'])]
    #[TestWith([['coldest' => '15'], 'dampest'])]
    #[TestWith([['dampest' => '70', 'coldest' => ''], 'coldest'])]
    #[TestWith([['coldest' => ''], 'coldest'])]
    #[TestWith([['glue' => ['epoxy' => '40']], 'glue.epoxy'])]
    public function test_absurd_rules_are_refused_at_their_field(array $form, string $field): void
    {
        $this->put('/house/rules', ['version' => 1, ...$form])->assertSessionHasErrors($field);
        $this->assertSame([[], 1], [Shop::current()->tolerances, Shop::current()->version]);
    }

    public function test_glue_is_only_given_less_time_than_it_usually_needs_with_a_reason(): void
    {
        $this->put(
            '/house/rules', ['version' => 1, 'glue' => ['hide-glue' => '1.4', 'wood-glue' => '1']],
        )->assertSessionHasErrors(['glue.hide-glue', 'because']);
        $this->assertSame(
            'Where wood glue needs a day, hide glue usually needs 36 h; the data sheet decides.',
            session('errors')->first('glue.hide-glue'),
        );
        $this->assertSame([[], 1], [Shop::current()->glue_shares, Shop::current()->version]);
        $this->put(
            '/house/rules',
            ['version' => 1, 'glue' => ['hide-glue' => '1.4'], 'because' => 'by the data sheet of our glue'],
        )->assertSessionHasNoErrors();
        $this->assertSame(['hide-glue' => 1.4], Shop::current()->glue_shares);
        $this->assertStringContainsString(
            'Because: by the data sheet of our glue', LogEntry::query()->latest('id')->firstOrFail()->text,
        );
        $this->put('/house/rules', ['version' => 2, 'glue' => ['hide-glue' => '1.45']])->assertSessionHasNoErrors();
    }

    public function test_a_shop_from_before_gets_what_it_lacks_and_keeps_what_it_has(): void
    {
        DB::table('operation_standards')->where('key', NeckOperation::Carve->value)->where('tool', 'machine')->delete();
        DB::table('operation_standards')->where('key', HeadstockOperation::Wings->value)->delete();
        DB::table('operation_standards')->where('key', NeckOperation::Sand->value)->update(['labour_minutes' => 77]);
        DB::table('prices')->where('key', 'binding')->delete();
        DB::table('resources')->where('key', 'machine-router')->delete();
        DB::table('resources')->where('key', 'body-clamps')->update(['capacity' => 5]);
        $this->artisan('migrate')->assertSuccessful();
        $this->assertSame(
            [77, 45],
            [
                $this->standard(NeckOperation::Sand->value, 'hand')->labour_minutes,
                $this->standard(NeckOperation::Carve->value, 'machine')->labour_minutes,
            ],
        );
        $this->assertNotNull(OperationStandard::query()->where('key', HeadstockOperation::Wings->value)->first());
        $this->assertSame(
            [5, 0, 1],
            [
                (int) DB::table('resources')->where('key', 'body-clamps')->value('capacity'),
                (int) DB::table('resources')->where('key', 'machine-router')->value('capacity'),
                DB::table('prices')->where('key', 'binding')->count(),
            ],
        );
        $this->get('/builds')->assertOk();
    }

    private function standard(string $key, string $tool): OperationStandard
    {
        return OperationStandard::query()->where('key', $key)->where('tool', $tool)->sole();
    }
}
