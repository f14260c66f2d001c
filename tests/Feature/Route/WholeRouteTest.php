<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use Illuminate\Http\UploadedFile;
use Inertia\Testing\AssertableInertia as Page;
use Tests\TestCase;

/** A flat-top is planned whole; what does not apply is not asked for. */
final class WholeRouteTest extends TestCase
{
    private const FLAT_TOP = [
        'type' => 'flat-top',
        'body' => 'flat-top',
        'joint' => 'set',
        'pickups' => [],
        'layers' => [['timber' => 'Sitka spruce', 'thickness' => '2.8'], ['timber' => 'sapele', 'thickness' => '98']],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_a_flat_top_has_price_date_and_route_as_any_other(): void
    {
        $figures = $this
            ->postJson('/commissions/forecast', ['specification' => self::FLAT_TOP, 'promised_on' => '2026-12-01'])
            ->assertOk()
            ->json('figures');
        foreach (['price', 'deposit', 'ready', 'promisable'] as $figure) {
            $this->assertNotNull($figures[$figure], $figure);
        }
        $build = $this->commission(self::FLAT_TOP, '2026-12-01');
        $this->get("/builds/{$build->number}")->assertInertia(fn (Page $page) => $page->whereNot('build.finish', null)->where('build.routeLacks', '')->etc());
        $names = Operation::query()->where('build_id', $build->id)->orderBy('position')->pluck('name')->all();
        foreach (['bend the sides', 'close the box: the back', 'close the box: the top', 'bridge from the scale, scraped clean and glued'] as $name) {
            $this->assertContains($name, $names);
        }
        $this->assertNotContains('pickup and control cavities', $names);
        // A box is made in stages of its own.
        $stages = array_column($this->get("/builds/{$build->number}")->inertiaProps('operations'), 'stage', 'name');
        $this->assertSame(['top', 'back', 'sides', 'box', 'bridge', 'neck'], [$stages['brace the top and tune it by its stiffness'], $stages['brace the back'], $stages['bend the sides'], $stages['close the box: the top'], $stages['bridge from the scale, scraped clean and glued'], $stages['carve the neck']]);
    }

    /** As it was derived before the trade had operations for a box. */
    public function test_a_route_from_before_is_said_to_lack_its_body_until_it_is_derived_anew(): void
    {
        $build = $this->commission(self::FLAT_TOP, '2026-12-01');
        $build->update(['route_lacks' => 'bracing, bending and closing the body']);
        $this->get("/builds/{$build->number}")->assertInertia(fn (Page $page) => $page->where('build.finish', null)->where('build.verdict', 'incomplete')->where('holdsFinish', null)->where('progress.figures', []));
        $build->update(['promised_on' => '2026-03-20']);
        $this->get("/builds/{$build->number}")->assertInertia(fn (Page $page) => $page->where('build.verdict', 'late')->where('build.finish', null));
        $this->post("/builds/{$build->number}/route/derive", ['version' => $build->refresh()->route_version])->assertSessionHasNoErrors();
        $this->get("/builds/{$build->number}")->assertInertia(fn (Page $page) => $page->whereNot('build.finish', null)->etc());
    }

    public function test_what_does_not_apply_is_kept_and_said_when_a_file_is_imported(): void
    {
        $build = $this->commission();
        $file = UploadedFile::fake()->createWithContent(
            'specification.json',
            (string) json_encode(
                [
                    'format' => 'regimen-specification/1',
                    'client' => ['joint' => 'set', 'screwLength' => '40', 'chamberShare' => '20 %', 'scale' => '25"'],
                ],
            ),
        );
        $this->post(
            "/builds/{$build->number}/specification/import", ['version' => $build->fresh()?->version, 'file' => $file],
        )->assertSessionHasNoErrors()
            ->assertSessionHas(
                'done',
                static fn (string $words): bool => str_contains(
                    $words,
                    'left aside: Screw or bolt, length (only a bolted neck has screws or bolts); Chambers, share of '
                        .'the '
                        .'outline (a solid body has no chambers unless it is relieved).',
                ),
            );
        $this->get("/builds/{$build->number}/specification")->assertInertia(fn (Page $page) => $page
            ->where('client.screwLength', '40')
            ->where('worked.values.screwLength.idle', 'only a bolted neck has screws or bolts')
            ->where('worked.values.heelWidth.idle', null));
        $this->assertStringNotContainsString(
            'Screw or bolt, length', (string) LogEntry::query()->orderByDesc('id')->value('words'),
        );
    }
}
