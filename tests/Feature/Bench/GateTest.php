<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Models\Build\KitLine;
use App\Models\Build\LogEntry;
use App\Models\Build\Measurement;
use App\Models\Build\Operation;
use App\Models\Gate\GateDecision;
use App\Models\Gate\Reading;
use App\Models\People\TimeEntry;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Regimen\Route\OperationState;
use Tests\TestCase;

/** Where an operation ends with readings: taken, judged, decided on, and gone on with. */
final class GateTest extends TestCase
{
    use AtTheBench;

    private const CARVE = 'neck.carve';

    private const FIRST = 'thickness-at-the-first-fret-board-included';

    private const TWELFTH = 'thickness-at-the-twelfth';

    private const UNDER = 'timber-under-the-channel-computed-and-felt';

    private function read(Operation $operation, string $line, string $value, string $place = '', bool $sure = false): TestResponse
    {
        return $this->post("/operations/{$operation->id}/gate/readings", ['line' => $line, 'place' => $place, 'value' => $value, 'sure' => $sure]);
    }

    private function close(Operation $operation): TestResponse
    {
        return $this->post("/operations/{$operation->id}/gate/close", ['version' => $operation->refresh()->version]);
    }

    public function test_an_operation_with_a_gate_is_done_when_its_gate_is_closed(): void
    {
        $carve = $this->ready(self::CARVE);
        $this->post("/operations/{$carve->id}/clock")->assertSessionHasNoErrors();
        $this->post("/operations/{$carve->id}/done", ['version' => $carve->refresh()->version])->assertRedirect("/operations/{$carve->id}/gate");
        $this->assertSame(OperationState::Started, $carve->refresh()->state, 'nothing is done before it was read');
        $this->assertSame(1, TimeEntry::query()->whereNull('minutes')->count(), 'and the clock runs on while it is read');
        $this->post("/operations/{$carve->id}/finish", ['version' => $carve->version])->assertSessionHasErrors();

        $this->at('2026-03-16 10:00');
        $this->read($carve, self::FIRST, '21.52 mm')->assertSessionHasNoErrors();
        $this->close($carve)->assertSessionHasErrors('gate');
        $this->assertStringContainsString('Still to be read: “thickness at the twelfth”', session('errors')->first('gate'));
        $this->read($carve, self::TWELFTH, '22.6');
        $this->read($carve, self::UNDER, '6.4');
        $page = $this->get("/operations/{$carve->id}/gate")->inertiaProps();
        $this->assertSame('All was read, and nothing is outside', $page['headline']);
        $this->assertTrue($page['canClose']);
        $this->assertSame(['inside', 'inside', 'inside'], array_column($page['lines'], 'verdict'));
        $this->close($carve)->assertSessionHasNoErrors();
        $this->assertSame(OperationState::Done, $carve->refresh()->state);
        $this->assertSame(120, (int) TimeEntry::query()->sum('minutes'), 'whoever closes it has ended its work');
        $this->assertSame(['21.52 mm', '22.6 mm'], Measurement::query()->orderBy('id')->pluck('value')->all(), 'and what was read is what is');
        $this->close($carve)->assertSessionHasErrors('gate');
        $this->assertStringContainsString('was closed', session('errors')->first('gate'));
    }

    public function test_each_reading_is_judged_with_its_person_and_its_time_and_can_be_struck(): void
    {
        $carve = $this->ready(self::CARVE);
        $this->read($carve, self::FIRST, '22.4');
        $page = $this->get("/operations/{$carve->id}/gate")->inertiaProps();
        $this->assertSame('One reading is outside: thickness at the first fret, board included, 0.6 mm too much', $page['headline']);
        $this->assertSame('outside', $page['lines'][0]['verdict']);
        $this->assertSame(['22.4 mm', 'Tobias'], [$page['lines'][0]['places'][0]['readings'][0]['shown'], $page['lines'][0]['places'][0]['readings'][0]['by']]);
        $this->assertNotSame([], $page['marks'], 'where it is read stands on the drawing');
        $reading = Reading::query()->sole();
        $this->post("/readings/{$reading->id}/strike", ['because' => ''])->assertSessionHasErrors('because');
        $this->post("/readings/{$reading->id}/strike", ['because' => 'jaw askew'])->assertSessionHasNoErrors();
        $this->post("/readings/{$reading->id}/strike", ['because' => 'again'])->assertSessionHasErrors('gate');
        $this->assertSame([], $this->get("/operations/{$carve->id}/gate")->inertiaProps('outside'));
        $this->assertSame(1, Reading::query()->count(), 'it stays readable');
    }

    /** @return iterable<string, array{string, string, string, string}> place, typed, field, said */
    public static function wrong(): iterable
    {
        yield 'the point is missing' => ['', '215', 'value', 'did you mean 21.5 mm?'];
        yield 'inches without a word' => ['', '0.846', 'value', 'did you mean 21.49 mm?'];
        yield 'another unit' => ['', '7.2 kΩ', 'value', 'is in another unit: this is measured in mm'];
        yield 'what a caliper sends when its battery is low' => ['', 'Err 2', 'value', 'is no reading'];
        yield 'nothing' => ['', '', 'value', 'it is needed'];
        yield 'a place that there is not' => ['at the head', '21.5', 'place', 'is not measured at “at the head”'];
    }

    #[DataProvider('wrong')]
    public function test_a_reading_that_cannot_be_is_refused_with_what_was_meant(string $place, string $typed, string $field, string $said): void
    {
        $carve = $this->ready(self::CARVE);
        $this->read($carve, self::FIRST, $typed, $place)->assertSessionHasErrors($field);
        $this->assertStringContainsString($said, session('errors')->first($field));
        $this->assertSame(0, Reading::query()->count());
    }

    public function test_who_is_sure_records_it_all_the_same(): void
    {
        $carve = $this->ready(self::CARVE);
        $this->read($carve, self::FIRST, '31')->assertSessionHasErrors(['value', 'sure']);
        $this->read($carve, self::FIRST, '31', sure: true)->assertSessionHasNoErrors();
        $this->assertSame(31.0, Reading::query()->sole()->value);
    }

    public function test_a_second_reading_of_the_same_place_stands_beside_the_first_and_two_people_are_told(): void
    {
        $carve = $this->ready(self::CARVE);
        $this->read($carve, self::FIRST, '21.5');
        $this->read($carve, self::FIRST, '22.1');
        $this->assertSame('outside', $this->get("/operations/{$carve->id}/gate")->inertiaProps('lines.0.verdict'), 'the worst counts');
        $seen = Reading::query()->orderBy('id')->value('id');
        $this->actingAs($this->manager->refresh());
        $this->post("/operations/{$carve->id}/gate/readings", ['line' => self::FIRST, 'value' => '21.6', 'seen' => $seen])->assertSessionHasErrors('conflict');
        $this->assertStringContainsString('Meanwhile Tobias read 22.1 mm here', session('errors')->first('conflict'));
        $this->assertSame(2, Reading::query()->count());
    }

    public function test_outside_it_is_accepted_with_a_reason_once(): void
    {
        $carve = $this->ready(self::CARVE);
        foreach ([self::FIRST => '22.0', self::TWELFTH => '22.5', self::UNDER => '6'] as $line => $value) {
            $this->read($carve, $line, $value);
        }
        $this->close($carve)->assertSessionHasErrors('gate');
        $decision = ['version' => $carve->version, 'kind' => 'accept', 'line' => self::FIRST, 'because' => ''];
        $this->post("/operations/{$carve->id}/gate/decide", $decision)->assertSessionHasErrors('because');
        $this->post("/operations/{$carve->id}/gate/decide", [...$decision, 'line' => self::TWELFTH, 'because' => 'x'])->assertSessionHasErrors('gate');
        $this->post("/operations/{$carve->id}/gate/decide", [...$decision, 'because' => 'the client likes it full'])->assertSessionHasNoErrors();
        $this->post("/operations/{$carve->id}/gate/decide", [...$decision, 'because' => 'again'])->assertSessionHasErrors('gate');
        $this->assertStringContainsString('Accepted by Tobias: the client likes it full', $this->get("/operations/{$carve->id}/gate")->inertiaProps('lines.0.decided'));
        // Another reading outside is decided on anew.
        $this->read($carve, self::FIRST, '22.3');
        $this->close($carve)->assertSessionHasErrors('gate');
        $this->post("/operations/{$carve->id}/gate/decide", [...$decision, 'because' => 'that too'])->assertSessionHasNoErrors();
        $this->close($carve)->assertSessionHasNoErrors();
        $this->assertSame(OperationState::Done, $carve->refresh()->state);
    }

    public function test_rework_comes_next_on_the_route_and_ends_with_the_same_readings(): void
    {
        $pocket = $this->ready('joint.pocket');
        foreach (['bass', 'treble'] as $side) {
            $this->read($pocket, 'pocket-gap-each-side', '0.1', $side);
            $this->read($pocket, 'centre-line-difference-at-both-edges-and-the-far-end', '28', "pocket, {$side}");
            $this->read($pocket, 'centre-line-difference-at-both-edges-and-the-far-end', '110', "far end, {$side}");
        }
        $this->read($pocket, 'pocket-depth', '16.4');
        $page = $this->get("/operations/{$pocket->id}/gate")->inertiaProps();
        $this->assertSame('shim the pocket', $page['outside'][0]['reworks'][0]['name']);
        $this->assertNotSame([], $page['changed'], 'what it changes is told before it is cut');
        $bridge = $this->operation($this->build, 'joint.bridge');
        $this->post("/operations/{$bridge->id}/clock")->assertSessionHasErrors('clock');

        $rework = ['version' => $pocket->refresh()->version, 'kind' => 'rework', 'line' => 'pocket-depth', 'name' => 'shim the pocket', 'labour' => '', 'hold' => ''];
        $this->post("/operations/{$pocket->id}/gate/decide", $rework)->assertSessionHasErrors('labour');
        $this->post("/operations/{$pocket->id}/gate/decide", [...$rework, 'labour' => '0:20', 'hold' => '2 h'])->assertSessionHasNoErrors();
        $shim = Operation::query()->where('name', 'shim the pocket')->sole();
        $this->assertSame([20, 120], [$shim->labour_minutes, $shim->hold_minutes]);
        $this->assertSame(OperationState::Done, $pocket->refresh()->state);
        $this->post("/operations/{$bridge->id}/clock")->assertSessionHasErrors('clock');
        $this->assertStringContainsString('“shim the pocket” is not done', session('errors')->first('clock'));
        $this->assertNotNull($shim->planned?->start, 'and it is planned');
        $this->assertSame(0, Measurement::query()->where('field', 'pocketDepth')->count(), 'what is done over is not how it is');

        $this->assertContains('pocket-depth', array_column($this->get("/operations/{$shim->id}/gate")->inertiaProps('lines'), 'key'));
        $this->post("/operations/{$shim->id}/finish", ['version' => $shim->version])->assertSessionHasErrors();
        // What this house did over before is offered the next time.
        $shim->update(['name' => 'shim with maple']);
        $this->build = $this->build();
        KitLine::query()->update(['state' => 'arrived']);
        $next = $this->ready('joint.pocket');
        $this->read($next, 'pocket-depth', '16.6');
        $this->assertContains('shim with maple', array_column($this->get("/operations/{$next->id}/gate")->inertiaProps('outside.0.reworks'), 'name'));
    }

    public function test_a_scrapped_piece_is_made_again_and_its_timber_bought_again(): void
    {
        $carve = $this->ready(self::CARVE);
        $square = $this->operation($this->build, 'neck.square');
        TimeEntry::query()->create(['operation_id' => $square->id, 'person_id' => $this->maker->id, 'worked_on' => '2026-03-16', 'minutes' => 90, 'rate_minor' => 3000, 'source' => 'afterwards']);
        $this->finished($this->build, 'body.joint');
        $this->read($carve, self::FIRST, '18.9', sure: true);
        $scrap = ['version' => $carve->refresh()->version, 'kind' => 'scrap', 'piece' => 'neck', 'because' => 'through to the rod'];
        $this->post("/operations/{$carve->id}/gate/decide", [...$scrap, 'piece' => 'body'])->assertSessionHasErrors('piece');
        $this->post("/operations/{$carve->id}/gate/decide", [...$scrap, 'because' => ''])->assertSessionHasErrors('because');
        $this->post("/operations/{$carve->id}/gate/decide", $scrap)->assertRedirect("/builds/{$this->build->number}");
        $this->assertSame(OperationState::Open, $square->refresh()->state);
        $this->assertSame(OperationState::Open, $carve->refresh()->state);
        $this->assertSame(OperationState::Done, $this->operation($this->build, 'body.joint')->state, 'the body stays');
        $this->assertSame(90, (int) TimeEntry::query()->sum('minutes'), 'what was worked stays recorded');
        $this->assertTrue(KitLine::query()->where('build_id', $this->build->id)->where('name', 'like', '%again')->exists());
        $this->assertStringContainsString('1 h 30 min of work are lost', (string) LogEntry::query()->where('kind', 'setback')->value('text'));
        $this->assertSame([], $this->get("/operations/{$carve->id}/gate")->inertiaProps('lines.0.places.0.readings'));
    }

    public function test_only_a_manager_lets_it_through(): void
    {
        $carve = $this->ready(self::CARVE);
        $through = ['version' => $carve->version, 'because' => 'the client fetches it today'];
        $this->post("/operations/{$carve->id}/gate/let-through", $through)->assertForbidden();
        $this->actingAs($this->manager->refresh());
        $this->post("/operations/{$carve->id}/gate/let-through", [...$through, 'because' => ''])->assertSessionHasErrors('because');
        $this->post("/operations/{$carve->id}/gate/let-through", $through)->assertSessionHasNoErrors();
        $this->assertSame(OperationState::Done, $carve->refresh()->state);
        $this->assertSame('the client fetches it today', GateDecision::query()->sole()->reason);
    }

    public function test_a_reopened_operation_is_read_again(): void
    {
        $carve = $this->ready(self::CARVE);
        foreach ([self::FIRST => '21.5', self::TWELFTH => '22.5', self::UNDER => '6'] as $line => $value) {
            $this->read($carve, $line, $value);
        }
        $this->close($carve);
        $this->actingAs($this->manager->refresh());
        $this->post("/operations/{$carve->id}/reopen", ['version' => $carve->refresh()->version, 'because' => 'a flat spot'])->assertSessionHasNoErrors();
        $this->close($carve)->assertSessionHasErrors('gate');
        $this->assertSame('3 readings are to be taken', $this->get("/operations/{$carve->id}/gate")->inertiaProps('headline'));
    }

    public function test_what_was_measured_before_moves_what_is_wanted_later(): void
    {
        $carve = $this->ready(self::CARVE);
        Measurement::query()->create(['build_id' => $this->build->id, 'part' => 'neck, made here', 'field' => 'rodDepth', 'value' => '10.4', 'person_id' => $this->maker->id, 'at' => now()]);
        $beside = $this->get('/builds/1')->inertiaProps('measured.changed');
        $this->assertNotSame([], $beside, 'as drawn and as measured stand side by side on its sheet');
        $this->assertNotSame($beside[0]['drawn'], $beside[0]['measured']);
        // A channel 1.4 deeper leaves 1.4 less.
        $words = implode(' ', array_column($this->get("/bench?operation={$this->operation($this->build, 'neck.channel')->id}")->inertiaProps('now.drawing.shapes'), 'words'));
        $this->assertStringContainsString('10.4 ·', $words, 'and it is drawn as it is');
        // The pocket is cut to the drawing; the bridge’s height is worked out from the pocket as it came out.
        $pocket = $this->ready('joint.pocket');
        $this->read($pocket, 'pocket-depth', '16.8');
        $changed = array_column($this->get("/operations/{$pocket->id}/gate")->inertiaProps('changed'), null, 'name');
        $this->assertNotSame([], array_filter(array_keys($changed), static fn (string $name): bool => str_contains(mb_strtolower($name), 'saddle') || str_contains(mb_strtolower($name), 'bridge') || str_contains(mb_strtolower($name), 'pocket')));
    }

    public function test_a_simulated_caliper_wavers_keeps_its_unit_and_types_what_can_be_read(): void
    {
        $carve = $this->ready(self::CARVE);
        $press = fn (string $key): array => $this->postJson("/operations/{$carve->id}/caliper", ['key' => $key, 'line' => self::FIRST])->assertOk()->json();
        $first = $press('read');
        $this->assertSame('mm', $first['unit']);
        $this->assertGreaterThan(1, count(array_unique([$first['shown'], ...array_map(static fn (): string => $press('read')['shown'], range(1, 6))])));
        $this->read($carve, self::FIRST, $first['typed'])->assertSessionHasNoErrors();
        $this->assertSame('in', $press('unit')['unit']);
        $inches = $press('read');
        $this->assertSame('in', $inches['unit']);
        $this->read($carve, self::FIRST, $inches['typed'])->assertSessionHasNoErrors();
        $values = Reading::query()->pluck('value');
        $this->assertEqualsWithDelta($values[0], $values[1], 0.08);
        $this->assertLessThan(0.05, abs((float) $press('zero')['shown']));
        $this->postJson("/operations/{$carve->id}/caliper", ['key' => 'off', 'line' => self::FIRST])->assertUnprocessable();
        $this->postJson("/operations/{$carve->id}/caliper", ['key' => 'read', 'line' => 'nothing'])->assertUnprocessable();
    }
}
