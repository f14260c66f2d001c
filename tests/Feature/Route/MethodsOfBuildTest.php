<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\House\RoutePattern;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\NeckOperation;
use Tests\TestCase;

/** The route of a build: explained, changed safely, compared and printed. */
final class MethodsOfBuildTest extends TestCase
{
    use ShownRoute;

    public function test_methods_of_a_build_change_hours_and_order_and_the_price_stands_beside_them(): void
    {
        $build = $this->build();
        $prices = app(\App\Queries\Route\RouteQuestions::class)->prices($build);
        $this->assertStringContainsString(
            '−2.',
            $prices['tool:'.FretboardOperation::Radius->value.' template']->words,
        );
        $this->assertStringContainsString(
            'wants the machine router, which the shop does not have',
            $prices['tool:'.NeckOperation::Carve->value.' machine']->problem,
        );
        $this->assertSame('the same hours and days', $prices['carve before']->words);
        $this->method($build, 'tool:'.FretboardOperation::Radius->value, 'template')->assertSessionHasNoErrors();
        $radius = $this->operation($build, FretboardOperation::Radius->value);
        $this->assertSame(
            [30, 'template', 'by jig', 'router-table'],
            [$radius->set_up_minutes, $radius->tool, $radius->way, $radius->station],
        );
        $this->method($build, 'tool:'.NeckOperation::Carve->value, 'machine')->assertSessionHasErrors('method');
        $this->method($build, 'tool:'.NeckOperation::Carve->value, 'teeth')->assertSessionHasErrors('method');
        $this->method($build, 'moon', 'full')->assertSessionHasErrors('method');
        $this->method($build, 'cutting', 'timber')->assertSessionHasNoErrors();
        $this->assertSame(
            ['cutting' => 'timber', 'tool:'.FretboardOperation::Radius->value => 'template'],
            collect($build->refresh()->methods)->sortKeys()->all(),
        );
        $this->method($build, 'cutting', 'everything')->assertSessionHasNoErrors();
        $this->post('/builds/1/route/reset', ['version' => $build->refresh()->route_version]);
        $this->assertSame(240, $this->operation($build, FretboardOperation::Radius->value)->labour_minutes);
        $this->assertSame([], $build->refresh()->methods);
    }

    public function test_methods_that_no_order_satisfies_are_refused_with_both_rules(): void
    {
        $build = $this->build(['finish' => 'nitrocellulose', 'boardTimber' => 'sugar maple']);
        $this->method($build, 'frets', 'off')->assertSessionHasErrors('method');
        $this->assertStringContainsString(
            '“The board is fretted before it is glued” and “A lacquered board is cleared before the frets go in” '
                .'cannot '
                .'both be kept',
            session('errors')->first('method'),
        );
    }

    public function test_a_specification_that_no_order_satisfies_is_a_stop(): void
    {
        $build = $this->commission();
        $this->method($build, 'frets', 'off')->assertSessionHasNoErrors();
        $this->put(
            '/builds/1/specification',
            [
                'version' => 1,
                'specification' => [
                    ...self::SPECIFICATION, 'finish' => 'nitrocellulose', 'boardTimber' => 'sugar maple',
                ],
            ],
        )->assertSessionHasNoErrors();
        $this->post('/builds/1/specification/release', ['version' => 2])->assertSessionHasErrors('release');
        $this->assertStringContainsString('no order of work satisfies two rules', session('errors')->first('release'));
        $this->assertNotEmpty($this->get('/builds/1/route')->inertiaProps('clashes'));
    }

    public function test_house_standards_are_taken_when_the_route_is_derived_again(): void
    {
        $build = $this->build();
        DB::table('operation_standards')->where('key', NeckOperation::Sand->value)->update(
            ['labour_minutes' => 45, 'best_minutes' => 30],
        );
        $this->assertSame(90, $this->operation($build, NeckOperation::Sand->value)->labour_minutes);
        $this->post(
            '/builds/1/route/derive', ['version' => $build->refresh()->route_version],
        )->assertSessionHasNoErrors();
        $this->assertSame(45, $this->operation($build, NeckOperation::Sand->value)->labour_minutes);
    }

    public function test_a_route_is_kept_as_a_pattern_and_followed_by_another_build(): void
    {
        $build = $this->build();
        $this->change($build, self::INLAY);
        $this->method($build, 'tool:'.FretboardOperation::Radius->value, 'template');
        $this->post('/builds/1/route/patterns', ['name' => 'with initials'])->assertSessionHasNoErrors();
        $this->post('/builds/1/route/patterns', ['name' => 'with initials'])->assertSessionHasErrors('name');
        $pattern = RoutePattern::query()->sole();
        $other = $this->build(['markers' => 'none']);
        $this->post(
            "/builds/2/route/patterns/{$pattern->id}", ['version' => $other->refresh()->route_version],
        )->assertSessionHasNoErrors();
        $this->assertSame('template', $this->operation($other, FretboardOperation::Radius->value)->tool);
        $this->assertSame(
            1,
            Operation::query()->where('build_id', $other->id)->where('name', 'inlay the initials')->count(),
        );
        $this->delete("/house/patterns/{$pattern->id}")->assertSessionHasNoErrors();
        $this->assertSame(0, RoutePattern::query()->count());
    }

    public function test_the_same_instrument_made_otherwise_is_compared_before_anything_is_decided(): void
    {
        $this->build();
        $before = [
            DB::table('operations')->get()->toJson(), DB::table('plan_entries')->get()->toJson(),
            DB::table('log_entries')->count(),
        ];
        $page = $this->get(
            '/builds/1/route/compare?joint=set&finish=nitrocellulose&tools=machine&carve=before&lamp=on&body=unknown',
        )->assertOk();
        $this->assertSame(
            ['route/Compare', null],
            [$page->inertiaPage()['component'], $page->inertiaProps('comparison.rows')],
            'what cannot be read is said',
        );
        $page = $this->get(
            '/builds/1/route/compare?joint=set&finish=nitrocellulose&tools=machine&carve=before&lamp=on',
        );
        $this->assertSame(
            ['joint' => 'set', 'finish' => 'nitrocellulose', 'tools' => 'machine', 'carve' => 'before'],
            $page->inertiaProps('asked'),
        );
        $rows = collect($page->inertiaProps('comparison.rows'))->keyBy('name');
        $this->assertSame(
            [
                'Operations', 'Set-up and labour', 'Labour at best and at worst', 'Set-ups, if nothing is shared',
                'Alone in the shop', 'Material', 'Cost', 'Planned finish in the shop as it is',
            ],
            $rows->keys()->all(),
        );
        $this->assertGreaterThan((int) $rows['Operations']['today'], (int) $rows['Operations']['other']);
        $this->assertSame('cannot be planned', $rows['Alone in the shop']['other'], 'the shop has no machine router');
        $this->assertStringContainsString(
            'machine router, which the shop does not have', implode(' ', $page->inertiaProps('comparison.risks')),
        );
        $this->assertContains(
            'glue the neck in, blend the heel', array_column($page->inertiaProps('comparison.operations'), 'name'),
        );
        $days = collect(
            $this->get('/builds/1/route/compare?finish=nitrocellulose')->inertiaProps('comparison.rows'),
        )->firstWhere('name', 'Alone in the shop');
        $this->assertGreaterThan((float) $days['today'] + 15, (float) $days['other'], 'lacquer cures for weeks');
        $this->assertSame(
            $before,
            [
                DB::table('operations')->get()->toJson(), DB::table('plan_entries')->get()->toJson(),
                DB::table('log_entries')->count(),
            ],
        );
        $this->get('/builds/1/route/compare')
            ->assertOk()
            ->assertInertia(fn ($page) => $page->where('comparison', null));
    }

    public function test_set_ups_that_can_be_shared_are_shown_on_both_builds(): void
    {
        $this->build();
        $this->build(['joint' => 'set']);
        $slots = collect(
            $this->get('/builds/1/route')->inertiaProps('operations'),
        )->firstWhere('key', FretboardOperation::Slots->value);
        $this->assertSame([2], array_column($slots['sharesWith'], 'number'));
        $this->build(['scale' => '24 3/4"']);
        $this->assertCount(
            1,
            collect(
                $this->get('/builds/1/route')->inertiaProps('operations'),
            )->firstWhere('key', FretboardOperation::Slots->value)['sharesWith'],
        );
    }

    private function method(Build $build, string $key, string $answer): TestResponse
    {
        return $this->post(
            "/builds/{$build->number}/route/method",
            ['version' => $build->refresh()->route_version, 'key' => $key, 'answer' => $answer],
        );
    }
}
