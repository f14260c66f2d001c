<?php

declare(strict_types=1);

namespace Tests\Feature\Specification;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Measurement;
use App\Models\Build\SpecificationRevision;
use App\Models\House\HouseModel;
use App\Models\House\Price;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Whatever is sent to the addresses of a specification: it is answered with a sentence, and nothing is changed. */
final class SpecificationInputTest extends TestCase
{
    private const URL = '/builds/1/specification';

    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build = $this->commission();
        $this->actingAs($this->manager);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what is typed, the field that is named */
    public static function typed(): iterable
    {
        yield 'a list for a length' => [['scale' => ['25', '26']], 'scale'];
        yield 'a map for a choice' => [['joint' => ['x' => 'set']], 'joint'];
        yield 'a field that there is not' => [['colour_of_money' => 'green'], 'colour_of_money'];
        yield 'a script for a timber' => [['neckTimber' => '<script>alert(1)</script>'], 'neckTimber'];
        yield 'rows that are no rows' => [['layers' => ['thick', 'thin']], 'layers.0.thickness'];
        yield 'more layers than a body has' => [
            ['layers' => array_fill(0, 9, ['timber' => 'limba', 'thickness' => '5'])],
            'layers',
        ];
        yield 'a layer of nothing' => [['layers' => [['timber' => 'limba', 'thickness' => '0']]], 'layers.0.thickness'];
        yield 'a pickup without a name' => [['pickups' => [['kind' => 'humbucker']]], 'pickups.0.place'];
        yield 'a pickup of its own kind' => [['pickups' => [['place' => 'neck', 'kind' => 'loud']]], 'pickups.0.kind'];
        yield 'a pickup named by a novel' => [
            ['pickups' => [['place' => str_repeat('x', 90), 'kind' => 'humbucker']]],
            'pickups.0.place',
        ];
        yield 'a column that there is not' => [
            ['pickups' => [['place' => 'neck', 'kind' => 'humbucker', 'price' => '3']]],
            'pickups.0.price',
        ];
        yield 'ten cavities' => [['cavities' => array_fill(0, 10, ['kind' => 'control', 'depth' => '20'])], 'cavities'];
        yield 'a cavity below zero' => [['cavities' => [['kind' => 'control', 'depth' => '-20']]], 'cavities.0.depth'];
        yield 'five gauges' => [['gauges' => '10 13 17 26w 36w'], 'gauges'];
        yield 'seven notes' => [['tuning' => 'E4 B3 G3 D3 A2 E2 B1'], 'tuning'];
        yield 'a body that begins beyond its board' => [['joinFret' => '36'], 'joinFret'];
        yield 'a bridge upside down' => [['bridgeLeast' => '20', 'bridgeMost' => '10'], 'bridgeMost'];
        yield 'a neck of board alone' => [['thicknessFirst' => '12', 'boardThickness' => '15'], 'thicknessFirst'];
        yield 'a board that narrows' => [['lastWidth' => '30'], 'lastWidth'];
        yield 'open chambers' => [['body' => 'semi-hollow'], 'body'];
        yield 'infinity' => [['scale' => '1e400'], 'scale'];
        yield 'a nut for eight on six' => [['nutWidth' => '85'], 'nutWidth'];
        yield 'a gigantic outline' => [['outlineSvg' => str_repeat('M0 0', 60_000)], 'outlineSvg'];
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('typed')]
    public function test_what_cannot_be_built_is_named_while_it_is_written_and_when_it_is_kept(
        array $typed,
        string $field,
    ): void {
        $worked = $this
            ->postJson(self::URL.'/work-out', ['specification' => [...self::SPECIFICATION, ...$typed]])
            ->assertOk()
            ->json();
        $this->assertNull($worked['shown']);
        $this->assertArrayHasKey($field, $worked['problems']);
        $this->assertStringEndsWith('.', $worked['problems'][$field]);
        $this->put(
            self::URL,
            ['version' => 1, 'specification' => [...self::SPECIFICATION, ...$typed]],
        )->assertSessionHasErrors([$field]);
        $this->assertSame(
            [1, self::SPECIFICATION['scale']],
            [SpecificationRevision::query()->sole()->version, SpecificationRevision::query()->sole()->client['scale']],
        );
    }

    public function test_no_form_is_taken_for_one(): void
    {
        foreach ([
            [], ['specification' => 'all'], ['version' => 'new', 'specification' => []], ['version' => 1],
        ] as $form) {
            $this->put(self::URL, $form)->assertSessionHasErrors();
        }
        $this->postJson(self::URL.'/work-out', [])->assertUnprocessable();
        $this->postJson(self::URL.'/work-out', ['specification' => 'all'])->assertUnprocessable();
        $this->post(self::URL.'/release', ['version' => 99])->assertSessionHasErrors('conflict');
        $this->post(self::URL.'/release', [])->assertSessionHasErrors('version');
        $this->post(self::URL.'/import', ['version' => 1])->assertSessionHasErrors('file');
        $this->post(self::URL.'/import', ['version' => 1, 'file' => 'text'])->assertSessionHasErrors('file');
        $this->post(
            self::URL.'/import',
            ['version' => 1, 'file' => UploadedFile::fake()->create('big.json', 900)],
        )->assertSessionHasErrors('file');
        $this->post(
            self::URL.'/import',
            ['version' => 1, 'file' => UploadedFile::fake()->createWithContent('a.json', "\x89PNG\x0d\x0a")],
        )->assertSessionHasErrors('file');
        $this->assertSame(1, SpecificationRevision::query()->sole()->version);
    }

    public function test_acceptance_needs_a_reason_and_a_finding_that_stands(): void
    {
        foreach ([
            ['', 'because'], ['no-such-finding', 'because'], ['protected', ''], ['protected', 'x'],
            ['protected', str_repeat('x', 501)], [['a'], 'because'],
        ] as [$key, $reason]) {
            $this->post(
                self::URL.'/accept', ['version' => 1, 'key' => $key, 'reason' => $reason],
            )->assertSessionHasErrors();
        }
        $this->assertSame(0, $this->build->acceptedFindings()->count());
    }

    public function test_measurements_are_taken_only_of_what_can_be_measured(): void
    {
        KitLine::query()->update(['state' => 'arrived']);
        $other = KitLine::query()->where('name', 'consumables')->orWhere('group', 'consumables')->firstOrFail();
        foreach ([
            ['neck', 'heelWidth', ''], ['neck', 'heelWidth', '-5'], ['neck', 'heelWidth', '99999'],
            ['neck', 'scale', '600'], ['neck', 'no-such', '1'],
            ['roof', 'heelWidth', '56'], ['', 'heelWidth', '56'], [(string) $other->id, 'heelWidth', '56'],
            ['body', 'pocketWidth', str_repeat('5', 80)],
        ] as [$part, $field, $value]) {
            $this->post(
                '/builds/1/measurements', ['part' => $part, 'field' => $field, 'value' => $value],
            )->assertSessionHasErrors();
        }
        $this->post(
            '/builds/1/measurements', ['part' => ['a'], 'field' => 'heelWidth', 'value' => '5'],
        )->assertSessionHasErrors('part');
        $this->assertSame(0, Measurement::query()->count());
        $foreign = KitLine::query()->whereKey($this->commission()->kit()->where('name', 'bridge')->sole()->id)->sole();
        $this->post(
            '/builds/1/measurements',
            ['part' => (string) $foreign->id, 'field' => 'bridgeMost', 'value' => '16'],
        )->assertNotFound();
    }

    public function test_revisions_are_compared_whatever_numbers_are_asked_for(): void
    {
        $alone = $this->get('/builds/1/revisions?from=7&to=-1')->assertOk();
        $this->assertSame(
            [1, 1, null],
            [$alone->inertiaProps('from'), $alone->inertiaProps('to'), $alone->inertiaProps('comparison')],
        );
        $this->post(self::URL.'/release', ['version' => 1])->assertSessionHasNoErrors();
        $this->post('/builds/1/revisions');
        $same = $this->get('/builds/1/revisions?from=x&to=2')->assertOk();
        $this->assertSame([], $same->inertiaProps('comparison.values'), 'a revision begins as a copy');
        $back = $this->get('/builds/1/revisions?from=2&to=1')->assertOk();
        $this->assertNotNull($back->inertiaProps('comparison.follows'));
        $this->get('/builds/99/revisions')->assertNotFound();
        $this->get(self::URL.'/0')->assertNotFound();
        $this->get(self::URL.'/1/../../../.env')->assertNotFound();
    }

    public function test_what_the_house_lacks_is_said_and_nothing_is_half_done(): void
    {
        Price::query()->where('key', 'binding')->delete();
        $this->get(self::URL)->assertOk();
        $bound = [...self::SPECIFICATION, 'boardBinding' => '1.5'];
        $this->put(self::URL, ['version' => 1, 'specification' => $bound])->assertSessionHasErrors('conflict');
        $this->assertStringContainsString(
            '“binding” is not on the house price list', session('errors')->first('conflict'),
        );
        $this->assertSame(1, SpecificationRevision::query()->sole()->version);
        $this->post(self::URL.'/release', ['version' => 1])->assertSessionHasNoErrors();
        $this->post('/builds/1/revisions');
        $this->put(self::URL, ['version' => 1, 'specification' => $bound])->assertSessionHasNoErrors();
        $this->assertStringContainsString(
            '“binding”',
            (string) $this->get('/builds/1/revisions')->assertOk()->inertiaProps('missing'),
        );
        $this->post(self::URL.'/release', ['version' => 2])->assertSessionHasErrors('conflict');
        $this->assertNull(SpecificationRevision::query()->where('number', 2)->sole()->released_at);
    }

    public function test_a_finished_build_keeps_its_specification(): void
    {
        $this->build->update(['status' => 'finished', 'finished_at' => '2026-03-17 12:00:00']);
        $this->put(
            self::URL, ['version' => 1, 'specification' => self::SPECIFICATION],
        )->assertSessionHasErrors('conflict');
        $this->post(self::URL.'/release', ['version' => 1])->assertSessionHasErrors('conflict');
        $this->post('/builds/1/revisions')->assertSessionHasErrors('conflict');
        $this->assertFalse($this->get(self::URL)->assertOk()->inertiaProps('revision.editable'));
    }

    public function test_models_are_found_or_not_and_never_guessed(): void
    {
        HouseModel::query()->create(['name' => 'Plain', 'type' => 'guitar', 'body' => ['type' => 'guitar']]);
        $this->get('/house/models/99')->assertNotFound();
        $this->get('/house/models/new?like=99')->assertNotFound();
        $this->get('/house/models/new?build=99')->assertNotFound();
        $this->post(
            '/commissions', ['purpose' => 'stock', 'specification' => [], 'model_id' => 99],
        )->assertSessionHasErrors('model_id');
        $this->post(
            '/commissions', ['purpose' => 'stock', 'specification' => [], 'model_id' => 'Plain'],
        )->assertSessionHasErrors('model_id');
        $this->assertSame(
            'six-string, solid, red alder',
            $this->postJson('/commissions/forecast', ['specification' => [], 'model_id' => 99])
                ->assertOk()
                ->json('figures.inOneLine'),
            'a forecast goes on without it',
        );
    }

    public function test_what_is_said_about_one_request_is_not_taken_away_by_another_that_only_asks(): void
    {
        $build = $this->commission();
        $this->actingAs($this->manager);
        $url = "/builds/{$build->number}/specification";
        $this->put($url, ['version' => 99, 'specification' => self::SPECIFICATION])->assertSessionHasErrors('conflict');
        $this->postJson("{$url}/work-out", ['specification' => self::SPECIFICATION])->assertOk();
        $this->assertStringContainsString(
            'was changed by somebody else', (string) $this->get($url)->inertiaProps('errors.conflict'),
        );
        $this->assertNull($this->get($url)->inertiaProps('errors.conflict'), 'and is said once');
    }
}
