<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\Build;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\Build\RouteChange;
use App\Models\House\RoutePattern;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\Standards\Piece;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The route of a build: explained, changed safely, compared and printed. */
final class RouteTest extends TestCase
{
    private const INLAY = [
        'kind' => 'add', 'name' => 'inlay the initials', 'stage' => 'fretboard', 'pieces' => ['fretboard'],
        'set_up' => '0:20', 'labour' => '3', 'hold' => '12 h', 'skill' => 'frets', 'station' => '', 'fixture' => '',
        'after' => [FretboardOperation::Taper->value], 'before' => [FretboardOperation::Glue->value],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_every_operation_opens_to_its_reasons_hours_holds_gate_and_cautions(): void
    {
        $build = $this->build();
        $page = $this->get('/builds/1/route')->assertOk();
        $this->assertSame(
            ['Route', 'six-string, solid, red alder'],
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

    public function test_what_is_begun_is_not_changed(): void
    {
        $build = $this->build();
        $this->finished($build, PreparationOperation::Agree->value);
        $this->change(
            $build,
            ['kind' => 'times', 'key' => PreparationOperation::Agree->value, 'labour' => '1'],
        )->assertSessionHasErrors('change');
        $this->assertStringContainsString('begun or done already', session('errors')->first('change'));
        $this->change(
            $build,
            [
                'kind' => 'move', 'key' => PreparationOperation::Draw->value,
                'target' => PreparationOperation::Agree->value,
            ],
            'so',
        )->assertSessionHasErrors('change');
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

    public function test_methods_of_a_build_change_hours_and_order_and_the_price_stands_beside_them(): void
    {
        $build = $this->build();
        $prices = app(\App\Queries\Route\RouteQuestions::class)->prices($build);
        $this->assertStringContainsString(
            '−2.',
            $prices['tool:'.FretboardOperation::Radius->value.' template']['words'],
        );
        $this->assertStringContainsString(
            'wants the machine router, which the shop does not have',
            $prices['tool:'.NeckOperation::Carve->value.' machine']['problem'],
        );
        $this->assertSame('the same hours and days', $prices['carve before']['words']);
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

    public function test_the_next_revision_carries_changes_over_or_asks_and_keeps_what_was_worked(): void
    {
        $build = $this->build();
        $this->change($build, self::INLAY);
        $this->change(
            $build,
            [
                'kind' => 'times', 'key' => FretboardOperation::Markers->value, 'labour' => '2', 'set_up' => '',
                'hold' => '',
            ],
        );
        $markers = $this->operation($build, FretboardOperation::Markers->value);
        $this->finished($build, PreparationOperation::Agree->value);
        DB::table('time_entries')->insert(
            [
                'operation_id' => $markers->id, 'person_id' => $this->manager->id, 'worked_on' => '2026-03-17',
                'minutes' => 30, 'rate_minor' => 1, 'source' => 'afterwards',
            ],
        );
        $this->post('/builds/1/revisions');
        $this->put(
            '/builds/1/specification',
            ['version' => 1, 'specification' => [...self::SPECIFICATION, 'markers' => 'none']],
        )->assertSessionHasNoErrors();
        $this->post('/builds/1/specification/release', ['version' => 2])->assertSessionHasNoErrors();
        $page = $this->get('/builds/1/route');
        $changes = $page->inertiaProps('changes');
        $this->assertSame(
            [null, true],
            [$changes[0]['left'], str_contains($changes[1]['left'], 'no operation “fretboard.markers”')],
        );
        $this->assertNotNull(Operation::query()->where('key', 'own.1')->first());
        $this->assertSame('done', $this->operation($build, PreparationOperation::Agree->value)->state->value);
        $this->assertStringContainsString(
            'no longer needed; 30 min were worked on it',
            LogEntry::query()->where('text', 'like', '%released to the bench%')->latest('id')->firstOrFail()->text,
        );
        $this->assertTrue(
            collect($page->inertiaProps('operations'))->firstWhere(
                'key', FretboardOperation::Markers->value,
            )['useless'],
        );
    }

    public function test_house_standards_are_taken_when_the_route_is_derived_anew(): void
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
            ['Compare', null],
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

    public function test_the_traveller_goes_with_the_instrument_on_both_papers(): void
    {
        $build = $this->build();
        $this->finished($build, PreparationOperation::Agree->value);
        foreach (['a4' => '595.276 x 841.89', 'letter' => '612'] as $paper => $size) {
            $pdf = $this->get("/builds/1/traveller-{$paper}.pdf")
                ->assertOk()
                ->assertHeader('Content-Type', 'application/pdf')
                ->getContent();
            $file = tempnam(sys_get_temp_dir(), 'traveller');
            file_put_contents($file, $pdf);
            $text = (new Process(['pdftotext', '-layout', $file, '-']))->mustRun()->getOutput();
            $info = (new Process(['pdfinfo', $file]))->mustRun()->getOutput();
            // The code is read by a reader that is not ours: zbarimg of Debian's zbar-tools.
            $page = (
                new Process(['pdftocairo', '-png', '-singlefile', '-r', '150', '-f', '1', '-l', '1', $file, $file])
            )->mustRun();
            $code = (new Process(['zbarimg', '-q', '--raw', "{$file}.png"]))->mustRun()->getOutput();
            unlink("{$file}.png");
            unlink($file);
            $this->assertSame(0, $page->getExitCode());
            $this->assertSame(url('/builds/1'), trim($code));
            $this->assertStringContainsString($size, $info);
            foreach ([
                '1 · Fennimore', 'fret slots, by template', 'nut to twelfth fret: 323.85 ± 0.2 mm', 'measured',
                'holds 24 h', 'Gloves and air with superglue', 'Follow the maker’s data sheet',
            ] as $words) {
                $this->assertStringContainsString($words, $text);
            }
            $places = array_map(
                static fn (string $name): int|false => strpos($text, $name),
                [
                    'agree the specification', 'square the neck blank', 'glue the fretboard', 'fret, trim',
                    'pack or hand over',
                ],
            );
            $this->assertSame($places, collect($places)->sort()->values()->all(), 'in the order of work');
        }
        $this->get('/builds/1/traveller-a3.pdf')->assertNotFound();
    }

    /** @param  array<string, mixed>  $change */
    private function change(Build $build, array $change, string $reason = ''): TestResponse
    {
        return $this->post(
            "/builds/{$build->number}/route/changes",
            [...$change, 'reason' => $reason, 'version' => $build->refresh()->route_version],
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
