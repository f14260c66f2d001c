<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\Build;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\Build\RouteChange;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Standards\Piece;
use Tests\TestCase;

/** The route of a build: explained, changed safely, compared and printed. */
final class RouteTest extends TestCase
{
    use ShownRoute;

    public function test_every_operation_opens_to_its_reasons_hours_holds_gate_and_cautions(): void
    {
        $build = $this->build();
        $page = $this->get('/builds/1/route')->assertOk();
        $this->assertSame(
            ['route/Route', 'six-string, solid, red alder'],
            [$page->inertiaPage()['component'], $page->inertiaProps('build.inOneLine')],
        );
        $operations = collect($page->inertiaProps('operations'));
        $this->assertSame($build->operations()->count(), $operations->count());
        $glue = $operations->firstWhere('key', FretboardOperation::Glue->value);
        $this->assertSame('From here on board and neck are one piece.', $glue['why']);
        $slots = collect($glue['after'])->firstWhere('key', FretboardOperation::Slots->value);
        $this->assertSame(
            [
                'A spoiled slot then costs a board, not a neck.', 'A spoiled slot now spoils the neck too.',
                'Slots before the board is glued',
            ],
            [$slots['reason'], $slots['spoils'], $slots['rule']],
        );
        $this->assertSame(
            [1440, 1440, 'glue sets', 'flat beam'],
            [$glue['hold'], $glue['holdNow'], $glue['holdWords'], $glue['fixture']],
        );
        $this->assertGreaterThan(300, $glue['stake']);
        $radius = $operations->firstWhere('key', FretboardOperation::Radius->value);
        $this->assertSame(['by block', 'by jig', 'on the machine'], array_column($radius['ways'], 'words'));
        $this->assertSame([180, 240, 480], [$radius['best'], $radius['labour'], $radius['worst']]);
        $this->assertStringContainsString('board width', $radius['drivenBy']);
        $this->assertSame(
            '323.85 ± 0.2 mm',
            $operations->firstWhere('key', FretboardOperation::Slots->value)['gate'][0]['words'],
        );
        $this->assertSame(
            'Follow the maker’s data sheet, local codes and licensed practice.',
            last($operations->firstWhere('key', NeckOperation::Channel->value)['cautions']),
        );
        $this->assertContains(
            ['name' => 'fret wire', 'state' => 'needed'],
            $operations->firstWhere('key', FretboardOperation::Fret->value)['parts'],
        );
        $this->assertTrue($operations->contains('critical', true));
        $this->assertSame('72.8 h', $page->inertiaProps('totals.work'));
        $spent = $page->inertiaProps('totals.spent');
        $this->assertEqualsWithDelta(
            $page->inertiaProps('totals.days'), array_sum($spent), 0.3, 'the days are all accounted for',
        );
        $this->assertGreaterThan(10, $spent['parts']);
        $this->assertNull($page->inertiaProps('prices'), 'prices come after the page');
    }

    public function test_a_maker_may_look_but_not_change(): void
    {
        $this->build();
        $this->actingAs($this->maker)
            ->get('/builds/1/route')
            ->assertOk()
            ->assertInertia(fn ($page) => $page->where('editable', false)->where('choices', null));
        $this->post(
            '/builds/1/route/changes',
            ['version' => 2, 'kind' => 'drop', 'key' => NeckOperation::Sand->value],
        )->assertForbidden();
        $this->get('/builds/1/traveller-a4.pdf')->assertOk();
    }

    public function test_ones_own_operation_is_tried_then_made_then_planned_and_undone(): void
    {
        $build = $this->build();
        $tried = $this->postJson('/builds/1/route/try', self::INLAY)->assertOk()->json();
        $this->assertSame([null, [], false], [$tried['problem'], $tried['broken'], $tried['needsReason']]);
        $this->assertStringContainsString('3.33 h more', implode(' ', $tried['follows']));
        $this->assertSame(0, Operation::query()->where('key', 'own.1')->count(), 'trying changes nothing');
        $this->change($build, self::INLAY)->assertSessionHasNoErrors();
        $inlay = $this->operation($build, 'own.1');
        $this->assertSame(
            ['inlay the initials', 20, 180, 720, [Piece::Fretboard]],
            [$inlay->name, $inlay->set_up_minutes, $inlay->labour_minutes, $inlay->hold_minutes, $inlay->pieces],
        );
        $this->assertNotNull(DB::table('plan_entries')->where('operation_id', $inlay->id)->value('start'));
        $this->assertStringContainsString(
            'Route changed: “inlay the initials” added', LogEntry::query()->latest('id')->firstOrFail()->text,
        );
        $change = RouteChange::query()->sole();
        $this->delete(
            "/builds/1/route/changes/{$change->id}", ['version' => $build->refresh()->route_version],
        )->assertSessionHasNoErrors();
        $this->assertSame(0, Operation::query()->where('key', 'own.1')->count());
        $this->delete(
            "/builds/1/route/changes/{$change->id}", ['version' => $build->refresh()->route_version],
        )->assertSessionHasErrors('conflict');
    }

    public function test_what_would_be_spoiled_is_named_and_needs_a_written_reason_in_the_logbook(): void
    {
        $build = $this->build();
        $move = ['kind' => 'move', 'key' => JointOperation::Bridge->value, 'target' => JointOperation::Pocket->value];
        $tried = $this->postJson('/builds/1/route/try', $move)->json();
        $this->assertTrue($tried['needsReason']);
        $this->assertSame(
            ['stop', 'The fitted neck gives the centre line'],
            [$tried['broken'][0]['severity'], $tried['broken'][0]['rule']],
        );
        $this->assertStringContainsString('stands beside the strings', $tried['broken'][0]['words']);
        $links = DB::table('operation_links')->count();
        $this->change($build, $move)->assertSessionHasErrors('reason');
        $this->assertSame(
            [$links, 0], [DB::table('operation_links')->count(), RouteChange::query()->count()],
            'nothing is half-saved',
        );
        $this->change($build, $move, 'the bridge plate is cast into the template')->assertSessionHasNoErrors();
        $logged = LogEntry::query()->latest('id')->firstOrFail()->text;
        $this->assertStringContainsString('Despite: When', $logged);
        $this->assertStringContainsString('Reason: the bridge plate is cast into the template', $logged);
        $page = $this->get('/builds/1/route');
        $this->assertSame('stop', $page->inertiaProps('broken.0.severity'));
        $this->assertTrue($page->inertiaProps('isChanged'));
        $this->post(
            '/builds/1/route/reset', ['version' => $build->refresh()->route_version],
        )->assertSessionHasNoErrors();
        $this->assertSame(
            [$links, []],
            [DB::table('operation_links')->count(), $this->get('/builds/1/route')->inertiaProps('broken')],
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> change, field, sentence */
    public static function nonsense(): iterable
    {
        yield 'a circle' => [
            [
                'kind' => 'link', 'before' => FretboardOperation::Glue->value,
                'after' => FretboardOperation::Taper->value,
            ],
            'change',
            'wait for each other in a circle',
        ];
        yield 'negative hours' => [
            ['kind' => 'times', 'key' => NeckOperation::Carve->value, 'labour' => '-2'],
            'labour',
            '“-2”',
        ];
        yield 'absurd hours' => [
            ['kind' => 'times', 'key' => NeckOperation::Carve->value, 'labour' => '900'],
            'labour',
            'is a mistake',
        ];
        yield 'hours of letters' => [[...self::INLAY, 'labour' => 'long'], 'labour', '“long”'];
        yield 'an absurd hold' => [[...self::INLAY, 'hold' => '900 d'], 'hold', 'is a mistake'];
        yield 'a station that there is not' => [
            [...self::INLAY, 'station' => 'time-machine'], 'station', 'no such station',
        ];
        yield 'a station of which there is none' => [
            [...self::INLAY, 'station' => 'machine-router'], 'station', 'no such station',
        ];
        yield 'a skill that there is not' => [[...self::INLAY, 'skill' => 'magic'], 'skill', ''];
        yield 'no name' => [[...self::INLAY, 'name' => ''], 'name', 'Give the operation a name'];
        yield 'no such operation' => [['kind' => 'drop', 'key' => 'neck.lamp'], 'change', 'no operation “neck.lamp”'];
        yield 'no such change' => [['kind' => 'melt'], 'kind', ''];
        yield 'a glue-up in two' => [
            ['kind' => 'split', 'key' => FretboardOperation::Glue->value, 'first' => '0:10'],
            'change',
            'in one sitting',
        ];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_named_at_once_and_nothing_is_half_saved(
        array $change,
        string $field,
        string $sentence,
    ): void {
        $build = $this->build();
        $before = DB::table('operations')->get()->toJson();
        $this->change($build, $change)->assertSessionHasErrors($field);
        $this->assertStringContainsString($sentence, session('errors')->first($field));
        $this->assertSame($before, DB::table('operations')->get()->toJson());
        $this->assertNotNull(
            $this->postJson('/builds/1/route/try', $change)->assertOk()->json('problem'),
            'and while it is written',
        );
    }

    public function test_an_operation_without_anyone_skilled_is_named(): void
    {
        $build = $this->build();
        $this->manager->update(['skills' => ['design', 'necks', 'frets', 'bodies', 'joints', 'finish', 'set-up']]);
        $this->change($build, [...self::INLAY, 'skill' => 'electronics'])->assertSessionHasErrors('change');
        $this->assertStringContainsString(
            'the skill “electronics”, which nobody in the shop has', session('errors')->first('change'),
        );
    }

    public function test_the_second_of_two_is_told(): void
    {
        $build = $this->build();
        $version = $build->refresh()->route_version;
        $this->post('/builds/1/route/changes', [...self::INLAY, 'version' => $version])->assertSessionHasNoErrors();
        foreach ([
            ['post', '/builds/1/route/changes', self::INLAY],
            ['post', '/builds/1/route/reset', []],
            ['post', '/builds/1/route/derive', []],
            ['post', '/builds/1/route/method', ['key' => 'carve', 'answer' => 'before']],
        ] as [$method, $path, $form]) {
            $this->{$method}($path, [...$form, 'version' => $version])->assertSessionHasErrors('conflict');
        }
    }
}
