<?php

declare(strict_types=1);

namespace Tests\Feature\Build;

use App\Models\Build\Operation;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/** What the sheets and the house's pages carry. */
final class SheetsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_the_forecast_tells_how_each_figure_comes_about(): void
    {
        $figures = $this->postJson(
            '/commissions/forecast',
            ['specification' => self::SPECIFICATION, 'promised_on' => '2026-12-01'],
        )->json('figures');
        $this->assertSame(
            ['six-string, solid, red alder', '44.5 mm · 1 3/4"', '465.9 mm · 18.344 in'],
            [$figures['inOneLine'], $figures['bodyThickness'], $figures['lastFret']],
        );
        $this->assertSame('72.8 h', $figures['hours']);
        $this->assertSame('kept', $figures['verdict']);
        $money = static fn (string $words): int => (int) round(100 * (float) str_replace(',', '', $words));
        preg_match(
            '/^Labour ([\d,.]+) \+ material ([\d,.]+) \+ overhead of 12 % ([\d,.]+) = ([\d,.]+); with a margin of 15 % '
                .'of the price\.$/',
            $figures['priceBecause'],
            $parts,
        );
        [, $labour, $material, $overhead, $cost] = array_map($money, $parts);
        $this->assertSame($labour + $material + $overhead, $cost);
        $this->assertSame($money($figures['material']), $material);
        $this->assertEqualsWithDelta($cost / 0.85, $money($figures['price']), 1);
        $this->assertEqualsWithDelta(0.4 * $money($figures['price']), $money($figures['deposit']), 1);
        $this->assertStringContainsString('behind everything already promised', $figures['readyBecause']);
        $this->assertCount(
            22,
            array_filter(
                $figures['drawing']['shapes'], static fn (array $shape): bool => ($shape['style'] ?? '') === 'fret',
            ),
        );
    }

    public function test_a_shop_that_cannot_build_it_says_why_there_is_no_date(): void
    {
        DB::table('resources')->where('key', 'flat-beam')->update(['capacity' => 0]);
        $figures = $this->postJson('/commissions/forecast', ['specification' => self::SPECIFICATION])->json('figures');
        $this->assertNull($figures['ready']);
        $this->assertStringContainsString('the shop has 0', $figures['readyBecause']);
        $this->assertSame('72.8 h', $figures['hours'], 'what can be computed is shown all the same');
    }

    public function test_the_sheet_carries_hours_kit_and_route(): void
    {
        $build = $this->build(
            [
                'joint' => 'set',
                'finish' => 'nitrocellulose',
                'colour' => 'amber burst',
                'body' => 'chambered',
                'layers' => [
                    ['timber' => 'black walnut', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '39'],
                ],
            ],
        );
        $agree = $this->operation($build, PreparationOperation::Agree->value);
        $this->post("/operations/{$agree->id}/hours", ['hours' => '1:15', 'worked_on' => '2026-03-17', 'sure' => true]);
        $sheet = $this->get('/builds/1')->assertOk();
        $this->assertSame(
            [['Ines', 75, 'afterwards', false]],
            array_map(
                static fn (array $line): array => [$line['person'], $line['minutes'], $line['source'], $line['struck']],
                $sheet->inertiaProps('hours'),
            ),
        );
        $operations = collect($sheet->inertiaProps('operations'));
        $this->assertCount(Operation::query()->count(), $operations);
        $this->assertSame(
            ['brief', 'design', 'parts and timber'], $operations->pluck('stage')->unique()->take(3)->values()->all(),
        );
        $glue = $operations->firstWhere('name', 'glue the neck in, blend the heel');
        $this->assertSame(['joint clamp', 1440], [$glue['fixture'], $glue['holdMinutes']]);
        $this->assertContains('sunburst', array_column($glue['after'], 'name'));
        $kit = collect($sheet->inertiaProps('kit'));
        $this->assertSame('needed', $kit->firstWhere('name', 'black walnut for the top')['state']);
        $this->assertTrue($kit->firstWhere('name', 'bridge')['costIsEstimate']);
        $this->assertSame('85.00', $kit->firstWhere('name', 'bridge')['cost']);
        $this->assertSame('light', $sheet->inertiaProps('specification.wishes'));
        $this->assertSame(1, $sheet->inertiaProps('specification.revision'));
    }

    public function test_a_finished_build_is_held_against_its_promise_by_the_day_it_was_handed_over(): void
    {
        $build = $this->build([], '2026-03-25');
        Operation::query()->where('key', '!=', AssemblyOperation::Pack->value)->update(['state' => 'done']);
        $this->post(
            "/operations/{$this->operation($build, AssemblyOperation::Pack->value)->id}/finish",
            ['version' => 1],
        )->assertSessionHasNoErrors();
        $sheet = $this->get('/builds/1')->assertOk();
        $this->assertSame(
            [false, 'kept', 5],
            [
                $sheet->inertiaProps('build.open'), $sheet->inertiaProps('build.verdict'),
                $sheet->inertiaProps('build.slackDays'),
            ],
        );
        $this->assertSame('Fennimore', $this->get('/builds')->inertiaProps('finished.0.title'));
        $this->assertSame('Nothing on the bench yet', $this->get('/horizon')->inertiaProps('headline'));
    }

    public function test_people_and_house_show_what_is_kept(): void
    {
        $people = $this->get('/people')->assertOk();
        $this->assertSame(
            [['Ines', 'manager', true, 2550], ['Tobias', 'maker', true, 2550]],
            array_map(
                static fn (array $one): array => [$one['name'], $one['role'], $one['signsIn'], $one['minutesAWeek']],
                $people->inertiaProps('people'),
            ),
        );
        $this->assertSame('30.00', $people->inertiaProps('people.1.rate'));
        $this->assertStringNotContainsString(
            '$2y$', (string) json_encode($people->inertiaProps()), 'no password leaves the server',
        );
        $house = $this->get('/house')->assertOk();
        $this->assertSame(
            ['12', '15', '40', '2'],
            [
                $house->inertiaProps('settings.overhead_percent'), $house->inertiaProps('settings.margin_percent'),
                $house->inertiaProps('settings.deposit_percent'), $house->inertiaProps('settings.risk_days'),
            ],
        );
        $this->assertCount(20, $house->inertiaProps('resources'));
        $house = $this->get('/house/standards')->assertOk();
        $this->assertSame(
            [
                'wiping oil', 'hard-wax oil', 'brushed varnish', 'water-borne lacquer',
                'two-part polyurethane or polyester', 'shellac, French polish', 'nitrocellulose lacquer',
            ],
            array_column($house->inertiaProps('finishes'), 'name'),
        );
        $this->assertSame('24 d', $house->inertiaProps('finishes.6.cure'));
        $radius = collect($house->inertiaProps('standards'))->firstWhere(
            'key', FretboardOperation::Radius->value,
        )['ways'][0];
        $this->assertSame(
            ['18 min', '4 h', '0 min', 'frets', 'fret bench'],
            [$radius['set_up'], $radius['labour'], $radius['hold'], $radius['skill'], $radius['station']],
        );
    }
}
