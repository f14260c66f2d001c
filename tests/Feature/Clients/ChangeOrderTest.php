<?php

declare(strict_types=1);

namespace Tests\Feature\Clients;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Build\SpecificationRevision;
use App\Models\Client\ChangeOrder;
use App\Models\Client\QuoteState;
use App\Planning\Clients\ChangeReckoning;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\NeckOperation;
use Tests\TestCase;

/** What a client approved changes by an accepted change order alone. Made-up people throughout. */
final class ChangeOrderTest extends TestCase
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
        $this->build = $this->build();
    }

    private function approve(): void
    {
        $this->post('/builds/1/approvals', ['revision' => 1, 'approved_by' => 'Clara Fennimore', 'how' => 'by mail'])->assertSessionHasNoErrors();
    }

    /** @param  array<string, mixed>  $more */
    private function revise(array $more): SpecificationRevision
    {
        $this->post('/builds/1/revisions')->assertSessionHasNoErrors();
        $draft = SpecificationRevision::query()->where('number', 2)->sole();
        $this->put('/builds/1/specification', ['version' => $draft->version, 'specification' => [...self::SPECIFICATION, ...$more]])->assertSessionHasNoErrors();

        return $draft->refresh();
    }

    private function done(\BackedEnum $operation): void
    {
        Operation::query()->where('build_id', $this->build->id)->where('key', $operation->value)->update(['state' => 'done', 'started_at' => '2026-03-17 08:00:00', 'labour_done_at' => '2026-03-17 12:00:00', 'hold_until' => '2026-03-17 12:00:00']);
    }

    public function test_an_approval_is_of_the_revision_that_is_built_by(): void
    {
        $this->get('/builds/1/client')->assertInertia(fn (AssertableInertia $page) => $page->where('agreed.approvable', 1)->where('agreed.draft', null)->where('change', null)->etc());
        $this->post('/builds/1/approvals', ['revision' => 1, 'approved_by' => '', 'how' => ''])->assertSessionHasErrors(['approved_by', 'how']);
        $this->post('/builds/1/approvals', ['revision' => 7, 'approved_by' => 'C', 'how' => 'm'])->assertSessionHasErrors(['approved_by' => 'Revision 7 is not the one that is built by; that is revision 1. Show them that one.']);
        $this->approve();
        $this->post('/builds/1/approvals', ['revision' => 1, 'approved_by' => 'C', 'how' => 'm'])->assertSessionHasErrors('approved_by');
        $this->get('/builds/1/client')->assertInertia(fn (AssertableInertia $page) => $page->where('agreed.approvable', null)->where('agreed.approved', 'Revision 1 was approved by Clara Fennimore, by mail, on Wed 18 Mar. Each difference since is a change order.')->etc());
    }

    public function test_until_it_is_approved_the_shop_changes_what_it_likes(): void
    {
        $draft = $this->revise(['finish' => 'nitrocellulose']);
        $this->post('/builds/1/specification/release', ['version' => $draft->version])->assertSessionHasNoErrors();
        $this->post('/builds/1/approvals', ['revision' => 1, 'approved_by' => 'C', 'how' => 'm'])->assertSessionHasErrors('approved_by');
        $this->post('/builds/1/approvals', ['revision' => 2, 'approved_by' => 'C', 'how' => 'm'])->assertSessionHasNoErrors();
    }

    public function test_a_change_is_reckoned_as_the_difference_of_two_whole_reckonings_and_tried_without_a_trace(): void
    {
        $this->approve();
        $before = $this->build->refresh();
        [$minutes, $material] = [$before->estimated_minutes, $before->estimated_material_minor];
        $draft = $this->revise(['finish' => 'nitrocellulose', 'layers' => [['timber' => 'black walnut', 'thickness' => '1 3/4"']]]);
        $tables = ['operations', 'operation_links', 'kit_lines', 'plans', 'plan_entries', 'builds', 'log_entries', 'change_orders'];
        $state = array_map(static fn (string $table): string => (string) DB::table($table)->orderBy('id')->get()->toJson(), $tables);
        $reckoned = app(ChangeReckoning::class)->of($this->build->refresh(), $draft);
        $this->assertSame($state, array_map(static fn (string $table): string => (string) DB::table($table)->orderBy('id')->get()->toJson(), $tables), 'tried, and nothing is left of it');
        $this->assertGreaterThan(0, $reckoned->toDo);
        $this->assertSame(0, $reckoned->lost);
        // By another way: released, the build takes and costs as much more.
        DB::table('approvals')->delete();
        $this->post('/builds/1/specification/release', ['version' => $draft->version])->assertSessionHasNoErrors();
        $after = $this->build->refresh();
        $this->assertSame($after->estimated_minutes - $minutes, $reckoned->toDo);
        $this->assertSame($after->estimated_material_minor - $material, $reckoned->material->minor);
        $shop = DB::table('shops')->sole();
        $cost = round(((int) round($reckoned->toDo * $shop->labour_rate_minor / 60) + $reckoned->material->minor) * (1 + $shop->overhead_permille / 1_000));
        $this->assertEqualsWithDelta($cost / (1 - $shop->margin_permille / 1_000), $reckoned->price->minor, 2);
    }

    public function test_what_is_done_and_bought_for_nothing_is_told(): void
    {
        $this->approve();
        $done = Operation::query()->where('build_id', $this->build->id)->where('key', FretboardOperation::Markers->value)->firstOrFail();
        KitLine::query()->where('build_id', $this->build->id)->where('group', 'bridge')->update(['state' => 'arrived']);
        DB::table('time_entries')->insert(['operation_id' => $done->id, 'person_id' => $this->maker->id, 'worked_on' => '2026-03-17', 'minutes' => 45, 'rate_minor' => 3_000, 'source' => 'clock']);
        $this->done(FretboardOperation::Markers);
        $this->assertSame(45, (int) $done->refresh()->timeEntries()->sum('minutes'));
        $draft = $this->revise(['markers' => 'none']);
        $reckoned = app(ChangeReckoning::class)->of($this->build->refresh(), $draft);
        $this->assertSame(45, $reckoned->lost);
        $this->assertStringContainsString('45 min were worked on it', implode(' ', $reckoned->useless));
        // It is in the board already: that is said, with what is possible.
        $this->assertStringContainsString('cannot become', implode(' ', $reckoned->impossible));
    }

    public function test_only_an_accepted_order_changes_the_plan(): void
    {
        $this->approve();
        $draft = $this->revise(['finish' => 'nitrocellulose']);
        $this->post('/builds/1/specification/release', ['version' => $draft->version])->assertSessionHasErrors('release');
        $page = $this->get('/builds/1/client');
        $page->assertInertia(fn (AssertableInertia $page) => $page->where('agreed.draft', 2)->loadDeferredProps(fn (AssertableInertia $later) => $later->where('change.values.0.name', 'Finish')->where('change.impossible', [])->where('change.lines.0.0', 'Work still to do')->etc()));
        $said = ['what' => 'Lacquer instead of oil', 'price' => '380', 'promised_on' => '2026-08-14', 'version' => $draft->version];
        $this->post('/builds/1/change-orders', [...$said, 'what' => '', 'price' => 'much', 'promised_on' => '2026-03-01'])->assertSessionHasErrors(['what', 'price', 'promised_on']);
        $this->post('/builds/1/change-orders', [...$said, 'version' => 1])->assertSessionHasErrors('conflict');
        $this->post('/builds/1/change-orders', $said)->assertSessionHasNoErrors();
        $order = ChangeOrder::query()->sole();
        $this->assertSame([1, 2, 38_000, '2026-08-14', QuoteState::Open], [$order->number, $order->revision, $order->price_minor, $order->promised_on, $order->state]);
        $this->post('/builds/1/change-orders', $said)->assertSessionHasErrors('what');
        $this->assertSame(['2026-07-31', 500_000], [$this->build->refresh()->promised_on, $this->build->price_minor]);
        $this->post("/change-orders/{$order->id}/accept", ['approved_by' => '', 'how' => '', 'version' => 1])->assertSessionHasErrors(['approved_by', 'how']);
        $this->post("/change-orders/{$order->id}/accept", ['approved_by' => 'Clara', 'how' => 'by mail', 'version' => 9])->assertSessionHasErrors('conflict');
        $this->post("/change-orders/{$order->id}/accept", ['approved_by' => 'Clara', 'how' => 'by mail', 'version' => 1])->assertSessionHasNoErrors();
        $build = $this->build->refresh();
        $this->assertSame(['2026-08-14', 538_000, 2], [$build->promised_on, $build->price_minor, $build->specification()->first()?->number]);
        $this->assertSame('nitrocellulose', $build->specification()->first()?->client['finish']);
        $this->assertTrue(Operation::query()->where('build_id', $build->id)->where('standard', 'like', '%nitrocellulose%')->exists());
        $this->post("/change-orders/{$order->id}/accept", ['approved_by' => 'Clara', 'how' => 'again', 'version' => 2])->assertSessionHasErrors('conflict');
        $this->assertSame(538_000, $this->build->refresh()->price_minor);
        $this->get('/builds/1/client')->assertInertia(fn (AssertableInertia $page) => $page->where('agreed.orders.0.open', false)->where('agreed.approved', fn (string $words): bool => str_starts_with($words, 'Revision 2 was approved by Clara, with change order 1'))->etc());
        $this->expectExceptionMessage('a change order stays as it was given');
        DB::table('change_orders')->update(['price_minor' => 1]);
    }

    public function test_what_was_written_since_it_was_offered_is_not_accepted_with_it(): void
    {
        $this->approve();
        $draft = $this->revise(['finish' => 'nitrocellulose']);
        $this->post('/builds/1/change-orders', ['what' => 'Lacquer', 'price' => '-20,50', 'version' => $draft->version])->assertSessionHasNoErrors();
        $order = ChangeOrder::query()->sole();
        $this->assertSame([-2_050, null], [$order->price_minor, $order->promised_on]);
        $this->put('/builds/1/specification', ['version' => $draft->version, 'specification' => [...self::SPECIFICATION, 'finish' => 'shellac']])->assertSessionHasNoErrors();
        $this->post("/change-orders/{$order->id}/accept", ['approved_by' => 'Clara', 'how' => 'by mail', 'version' => 1])->assertSessionHasErrors('conflict');
        $this->assertSame([QuoteState::Open, 1], [$order->refresh()->state, $this->build->specification()->first()?->number]);
        $this->post("/change-orders/{$order->id}/withdraw", ['version' => 1])->assertSessionHasNoErrors();
        $this->post("/change-orders/{$order->id}/withdraw", ['version' => 2])->assertSessionHasErrors('conflict');
        $this->post('/builds/1/change-orders', ['what' => 'Shellac', 'price' => '0', 'version' => $draft->refresh()->version])->assertSessionHasNoErrors();
        $this->assertSame(2, ChangeOrder::query()->max('number'));
    }

    public function test_what_is_in_the_wood_is_not_offered_and_what_is_possible_is_said(): void
    {
        $this->approve();
        $this->done(NeckOperation::Carve);
        $draft = $this->revise(['profile' => 'V']);
        $this->post('/builds/1/change-orders', ['what' => 'V neck', 'price' => '200', 'version' => $draft->version])->assertSessionHasErrors('what');
        $this->assertStringContainsString('has begun. Possible is a new neck', session('errors')->first('what'));
        $this->assertSame(0, ChangeOrder::query()->count());
        $this->actingAs($this->maker)->post('/builds/1/change-orders', ['what' => 'x', 'price' => '1', 'version' => $draft->version])->assertForbidden();
    }
}
