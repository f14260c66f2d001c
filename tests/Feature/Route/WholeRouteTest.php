<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\LogEntry;
use Illuminate\Http\UploadedFile;
use Inertia\Testing\AssertableInertia as Page;
use Tests\TestCase;

/** What cannot be known whole is not shown as if it were, and what does not apply is not asked for. */
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

    public function test_an_instrument_whose_body_has_no_operations_gets_no_price_and_no_date(): void
    {
        $figures = $this
            ->postJson('/commissions/forecast', ['specification' => self::FLAT_TOP, 'promised_on' => '2026-12-01'])
            ->assertOk()
            ->json('figures');
        $this->assertSame(
            [null, null, null, null, 'incomplete'],
            [$figures['price'], $figures['deposit'], $figures['ready'], $figures['promisable'], $figures['verdict']],
        );
        $this->assertStringContainsString('bracing, bending and closing the body', $figures['priceBecause']);
        $this->assertStringContainsString('bracing, bending and closing the body', $figures['readyBecause']);
        $this->assertStringEndsWith('without the body', $figures['hours']);
        $whole = $this->postJson('/commissions/forecast', ['specification' => []])->json('figures');
        $this->assertNotNull($whole['price']);
        $this->assertNotNull($whole['ready']);
    }

    public function test_nor_does_its_build_once_it_is_taken(): void
    {
        $build = $this->commission(self::FLAT_TOP);
        $this->get("/builds/{$build->number}")->assertInertia(fn (Page $page) => $page
            ->where('build.finish', null)
            ->where('build.verdict', 'incomplete')
            ->where('build.routeLacks', 'bracing, bending and closing the body')
            ->where('holdsFinish', null)->where('progress.figures', []));
        $this->get('/builds')->assertInertia(
            fn (Page $page) => $page->where('open.0.finish', null)->where(
                'open.0.slackWords', 'no date: part of the work has no operations yet',
            ),
        );
        $solid = $this->commission([]);
        $this->get("/builds/{$solid->number}")->assertInertia(
            fn (Page $page) => $page->where('build.routeLacks', '')->whereNot('build.finish', null),
        );
    }

    public function test_it_is_late_where_even_the_part_that_is_known_is_late(): void
    {
        $build = $this->commission(self::FLAT_TOP, '2026-03-20');
        $this->get("/builds/{$build->number}")->assertInertia(
            fn (Page $page) => $page->where('build.verdict', 'late')->where('build.finish', null),
        );
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
