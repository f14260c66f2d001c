<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Build\RouteChange;
use App\Models\Setback\Setback;
use App\Planning\House\House;
use App\Planning\Route\Drafting;
use App\Planning\Specification\Revisions;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Units\Duration;
use Tests\TestCase;

/** The same instrument once more: its specification, its order of work, and what went wrong then. */
final class BuildAgainTest extends TestCase
{
    private Build $first;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
        $this->first = $this->build(['colour' => 'walnut stain', 'wishes' => 'as light as can be', 'bodyWidth' => '331']);
        $this->post('/builds/1/route/methods', ['version' => $this->first->refresh()->route_version, 'answers' => ['carve' => 'before']]);
        $this->post('/builds/1/route/changes', ['version' => $this->first->refresh()->route_version, 'because' => 'a photograph of each', 'kind' => 'add', 'key' => 'own.1', 'name' => 'photograph the blank', 'stage' => 'neck', 'pieces' => ['neck'], 'set_up' => '0', 'labour' => '0:15', 'hold' => '0', 'skill' => 'necks', 'station' => '', 'fixture' => '', 'after' => [], 'before' => ['neck.carve']])->assertSessionHasNoErrors();
    }

    /** @return array<string, mixed> */
    private function typed(): array
    {
        return $this->get('/commissions/new?again=1')->assertOk()->inertiaProps('specification');
    }

    public function test_specification_and_order_of_work_are_taken_over(): void
    {
        $this->get('/commissions/new')->assertInertia(fn (AssertableInertia $page) => $page->where('again', null)->where('againWords', '')->etc());
        $typed = $this->typed();
        $this->assertSame(['331', 'walnut stain'], [$typed['bodyWidth'], $typed['colour']]);
        $this->assertArrayNotHasKey('wishes', $typed, 'wishes were that client’s own');
        $this->post('/commissions', ['purpose' => 'stock', 'specification' => $typed, 'again' => '99'])->assertSessionHasErrors('again');
        $this->post('/commissions', ['purpose' => 'stock', 'specification' => $typed, 'again' => '1'])->assertSessionHasNoErrors();
        $second = Build::query()->where('number', 2)->firstOrFail();
        $this->assertSame([$this->first->id, $this->first->refresh()->methods], [$second->repeats_id, $second->methods]);
        $this->assertSame(['photograph the blank'], RouteChange::query()->where('build_id', $second->id)->whereNull('undone_at')->get()->map(static fn (RouteChange $one): string => (string) $one->body['name'])->all());
        $this->assertTrue(Operation::query()->where('build_id', $second->id)->where('name', 'photograph the blank')->exists());
        $this->assertTrue(DB::table('log_entries')->where('build_id', $second->id)->where('text', 'like', 'Made once more after No. 1 %')->exists());
    }

    /** What the house has changed since does not change an instrument that is made again. */
    public function test_it_is_as_the_house_had_it_then(): void
    {
        $revision = $this->first->specification;
        DB::table('specification_revisions')->insert(['build_id' => $this->first->id, 'number' => 2, 'client' => json_encode($revision->client), 'house' => json_encode([...$revision->house, 'overhang' => '11']), 'person_id' => $this->manager->id, 'at' => '2026-03-18 08:00:00', 'released_at' => '2026-03-18 08:00:00']);
        $this->first->unsetRelation('specification');
        $this->assertSame('11', $this->typed()['overhang']);
    }

    public function test_what_went_wrong_then_stands_at_each_operation(): void
    {
        $carve = Operation::query()->where('build_id', $this->first->id)->where('key', 'neck.carve')->sole();
        $setback = Setback::query()->create(['build_id' => $this->first->id, 'operation_id' => $carve->id, 'person_id' => $this->maker->id, 'mishap' => 'other', 'cause' => 'unknown', 'state' => 'open', 'text' => 'a tear at the fifth fret', 'at' => '2026-03-18 09:00:00', 'told_at' => '2026-03-18 09:00:00', 'operation_key' => $carve->key, 'station' => '']);
        DB::table('time_entries')->insert(['operation_id' => $carve->id, 'person_id' => $this->maker->id, 'worked_on' => '2026-03-18', 'minutes' => 3 * $carve->labour_minutes, 'rate_minor' => 4000, 'source' => 'typed']);
        $this->post('/commissions', ['purpose' => 'stock', 'specification' => $this->typed(), 'again' => '1'])->assertSessionHasNoErrors();
        $second = Build::query()->where('number', 2)->firstOrFail();
        $rows = collect($this->get('/builds/2')->inertiaProps('operations'))->keyBy('name');
        $words = $rows['carve the neck']['lastTime'];
        $this->assertStringStartsWith("Last time, No. 1: {$setback->mishap->words()}, “a tear at the fifth fret”; ", $words);
        $this->assertStringContainsString(' were planned.', $words);
        $this->assertSame('', $rows['sand the board fine']['lastTime']);
        // At the bench as well.
        $again = Operation::query()->where('build_id', $second->id)->where('key', 'neck.carve')->sole();
        $this->get("/bench?operation={$again->id}")->assertInertia(fn (AssertableInertia $page) => $page->where('now.lastTime', $words)->etc());
        // The first one says nothing of itself.
        $this->assertSame([''], array_values(array_unique(array_column($this->get('/builds/1')->inertiaProps('operations'), 'lastTime'))));
    }

    public function test_what_a_second_one_would_cost_on_the_same_set_ups(): void
    {
        $words = (string) $this->postJson('/commissions/second', ['specification' => self::SPECIFICATION])->assertOk()->json('words');
        $draft = app(Drafting::class)->draft(SpecificationReader::read(self::SPECIFICATION, app(Revisions::class)->house(self::SPECIFICATION, null))->orFail());
        $house = app(House::class);
        // By hand: the labour without set-ups and the material, each with the house’s overhead.
        $direct = $house->rate()->forTime(Duration::ofMinutes($draft->route->work()->minutes - $draft->route->setUps()->minutes))->plus($draft->kit->cost());
        $cost = $direct->plus($house->priceRule()->overheadOn($direct));
        $this->assertStringContainsString("would cost {$cost} instead of {$draft->quote->cost}", $words);
        $this->assertMatchesRegularExpression('/it would be ready \w{3} \d+ \w{3}/', $words);
        $this->postJson('/commissions/second', ['specification' => ['scale' => '-5']])->assertOk()->assertJson(['words' => 'Mend the specification first.']);
        $this->assertSame(1, Build::query()->count(), 'nothing was begun');
        $this->actingAs($this->maker)->postJson('/commissions/second', ['specification' => []])->assertForbidden();
    }
}
