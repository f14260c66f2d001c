<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Devices\SimulatedSensor;
use App\Models\Build\Operation;
use App\Models\Build\RouteChange;
use App\Models\House\ClimateReading;
use App\Models\Plan\PlanEntry;
use App\Planning\Plan\Planner;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Regimen\Route\Operations\BoxOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\FretboardOperation;
use Tests\TestCase;

/** The air of the shop: read, and what follows for holds, spraying and recoat windows. */
final class ClimateTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    public function test_readings_are_typed_or_taken_from_the_sensor_by_anybody(): void
    {
        $this->actingAs($this->maker)
            ->post('/climate', ['temperature' => '19,5', 'humidity' => '48'])
            ->assertSessionHasNoErrors();
        $reading = ClimateReading::query()->sole();
        $this->assertSame(
            [195, 480, 'typed', '2026-03-18 08:12:00'],
            [
                $reading->temperature_tenths, $reading->humidity_tenths, $reading->source,
                $reading->at->toDateTimeString(),
            ],
        );
        $this->post('/climate', ['temperature' => '20', 'humidity' => '50']);
        $this->assertSame(1, ClimateReading::query()->count(), 'one reading a moment');
        $this->at('2026-03-18 10:00');
        $this->post('/climate/sensor')->assertSessionHas('done');
        $this->assertSame(2, ClimateReading::query()->count());
        $page = $this->get('/climate')->assertOk();
        $this->assertSame(
            ['house/Climate', 'simulated sensor'], [$page->inertiaPage()['component'], $page->inertiaProps('now.source')],
        );
        $this->assertStringContainsString(
            "2026-03-18T08:12:00+00:00,20.0,50.0\r\n", $this->get('/climate.csv')->assertOk()->getContent(),
        );
        $this->assertSame(0, $this->artisan('regimen:read-sensor')->run());
    }

    public function test_hours_that_were_too_damp_lately_are_left_out_for_spraying(): void
    {
        $build = $this->build(['finish' => 'nitrocellulose']);
        $seal = $this->operation($build, CoatStep::BodySeal->value);
        DB::table('operations')
            ->where('key', '!=', $seal->key)
            ->where('build_id', $build->id)
            ->where('stage', '!=', 'finish')
            ->update(['state' => 'done']);
        DB::table('kit_lines')->update(['state' => 'arrived']);
        DB::table('operations')->where('position', '<', $seal->position)->update(['state' => 'done']);
        // On both days before it was damp from nine to noon; now, at twelve past nine, nothing was read yet.
        foreach (['2026-03-16', '2026-03-17'] as $day) {
            foreach ([
                ['08:00', 600], ['09:00', 800], ['10:00', 820], ['11:00', 760], ['12:00', 550],
            ] as [$time, $humidity]) {
                $at = new \DateTimeImmutable("{$day} {$time}", new \DateTimeZone('Europe/Berlin'));
                DB::table('climate_readings')->insert(
                    [
                        'at' => $at->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s'),
                        'temperature_tenths' => 200,
                        'humidity_tenths' => $humidity,
                        'source' => 'sensor',
                    ],
                );
            }
        }
        app(Planner::class)->replan('the air of the last days');
        $planned = PlanEntry::query()->findOrFail($seal->id);
        $this->assertSame(
            ['climate', '2026-03-18 11:30:00'], [$planned->reason_kind, $planned->start?->toDateTimeString()],
            'after the damp hours, and after the break',
        );
        $this->assertStringContainsString('as lately at that hour', $planned->reason_text);
    }

    #[TestWith(['warm', '50', 'temperature'])]
    #[TestWith(['80', '50', 'temperature'])]
    #[TestWith(['20', '120', 'humidity'])]
    #[TestWith(['20', '', 'humidity'])]
    public function test_what_no_instrument_reads_is_refused(string $temperature, string $humidity, string $field): void
    {
        $this->post(
            '/climate', ['temperature' => $temperature, 'humidity' => $humidity],
        )->assertSessionHasErrors($field);
        $this->assertSame(0, ClimateReading::query()->count());
    }

    public function test_a_table_is_taken_whole_or_not_at_all_with_line_and_column(): void
    {
        $send = fn (string $csv) => $this->post(
            '/climate/import', ['file' => UploadedFile::fake()->createWithContent('air.csv', $csv)],
        );
        foreach ([
            "time,temperature,humidity\n2026-03-17 09:00,19.5,48\n2026-03-17 10:00,warm,48\n" => 'Line 3, column 2: “warm” is no number.',
            "2026-03-17 09:00,19.5,148\n" => 'Line 1, column 3: 148 is not between 0 and 100.',
            "yesterday 5,19,40\n" => 'Line 1, column 1',
            "2026-03-17 09:00,19\n" => 'Line 1 has 2 of three columns',
            "2026-03-19 09:00,19,40\n" => 'lies in the future',
            "time,temperature,humidity\n" => 'has no readings',
        ] as $csv => $sentence) {
            $send($csv)->assertSessionHasErrors('file');
            $this->assertStringContainsString($sentence, session('errors')->first('file'));
        }
        $this->assertSame(0, ClimateReading::query()->count());
        $send(
            "time,temperature in °C,humidity in %\r\n2026-03-17 09:00,19.5,48\r\n2026-03-17T10:00:00Z,\"19,7\",47\r\n",
        )->assertSessionHasNoErrors();
        $this->assertSame(
            ['2026-03-17 08:00:00', '2026-03-17 10:00:00'],
            ClimateReading::query()
                ->orderBy('at')
                ->get()
                ->map(static fn (ClimateReading $one): string => $one->at->toDateTimeString())
                ->all(),
            'in the zone of the shop, unless they name their own',
        );
        $this->actingAs($this->maker)->post('/climate/import', [])->assertForbidden();
    }

    public function test_cold_makes_holds_longer_in_the_plan_and_at_the_bench(): void
    {
        $build = $this->build();
        $glue = $this->operation($build, FretboardOperation::Glue->value);
        $hold = static fn (): int => (int) round(
            PlanEntry::query()->findOrFail($glue->id)->work_end->diffInMinutes(
                PlanEntry::query()->findOrFail($glue->id)->finish,
            ),
        );
        $this->assertSame(1440, $hold());
        $this->post('/climate', ['temperature' => '10', 'humidity' => '50']);
        $this->assertSame(2880, $hold(), 'half the speed for ten degrees less');
        $this->assertSame(
            2880,
            collect(
                $this->get('/builds/1/route')->inertiaProps('operations'),
            )->firstWhere('key', FretboardOperation::Glue->value)['holdNow'],
        );
        DB::table('operations')->where('position', '<', $glue->position)->update(['state' => 'done']);
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->post(
            "/operations/{$glue->id}/finish", ['version' => $glue->refresh()->version],
        )->assertSessionHasNoErrors();
        $this->assertSame('2026-03-20 08:12:00', $glue->refresh()->hold_until?->toDateTimeString());
    }

    public function test_no_plate_is_braced_in_dry_or_damp_air_unless_the_house_says_so(): void
    {
        $build = $this->build(['type' => 'flat-top', 'body' => 'flat-top', 'joint' => 'dovetail', 'pickups' => [], 'layers' => [['timber' => 'Sitka spruce', 'thickness' => '2.8']]]);
        $brace = $this->operation($build, BoxOperation::BraceTop->value);
        DB::table('operations')->where('build_id', $build->id)->where('position', '<', $brace->position)->update(['state' => 'done']);
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->post('/climate', ['temperature' => '20', 'humidity' => '33']);
        $this->post("/operations/{$brace->id}/clock")->assertSessionHasErrors('clock');
        $this->assertStringContainsString('too dry to brace plates or close a box: 33 %, the house’s limit is 40 %', session('errors')->first('clock'));
        $planned = PlanEntry::query()->findOrFail($brace->id);
        $this->assertSame('climate', $planned->reason_kind, 'the plan waits for the air as well');
        $this->assertStringContainsString('too dry', $planned->reason_text);
        // The house tells it otherwise.
        DB::table('shops')->update(['tolerances' => json_encode(['box-air' => 15.0])]);
        app()->forgetScopedInstances();
        $this->post("/operations/{$brace->id}/clock")->assertSessionHasNoErrors();
    }

    public function test_nothing_is_sprayed_in_the_cold_or_the_damp(): void
    {
        $build = $this->build(['finish' => 'nitrocellulose']);
        $seal = $this->operation($build, CoatStep::BodySeal->value);
        DB::table('operations')
            ->where('key', '!=', $seal->key)
            ->where('build_id', $build->id)
            ->where('stage', '!=', 'finish')
            ->update(['state' => 'done']);
        DB::table('kit_lines')->update(['state' => 'arrived']);
        $this->post('/climate', ['temperature' => '13', 'humidity' => '50']);
        $this->post("/operations/{$seal->id}/clock")->assertSessionHasErrors('clock');
        $this->assertStringContainsString('too cold to spray: 13.0 °C', session('errors')->first('clock'));
        $planned = PlanEntry::query()->findOrFail($seal->id);
        $this->assertSame(
            ['climate', '2026-03-19 07:00:00'], [$planned->reason_kind, $planned->start?->toDateTimeString()],
            'it is looked at again tomorrow',
        );
        $this->assertStringContainsString('too cold', $planned->reason_text);
        $this->at('2026-03-18 11:00');
        $this->post('/climate', ['temperature' => '18', 'humidity' => '75']);
        $this->post("/operations/{$seal->id}/clock")->assertSessionHasErrors('clock');
        $this->at('2026-03-18 12:00');
        $this->post('/climate', ['temperature' => '18', 'humidity' => '60']);
        $this->post("/operations/{$seal->id}/clock")->assertSessionHasNoErrors();
    }

    public function test_a_missed_recoat_window_puts_the_sanding_on_the_route(): void
    {
        $build = $this->build(['finish' => 'two-part']);
        $first = $this->operation($build, 'finish.body.coat-1');
        $second = $this->operation($build, 'finish.body.coat-2');
        DB::table('operations')
            ->where('build_id', $build->id)
            ->where('stage', '!=', 'finish')
            ->update(['state' => 'done']);
        DB::table('operations')->where('id', $first->id)->update(
            ['state' => 'holding', 'labour_done_at' => '2026-03-18 08:12:00', 'hold_until' => '2026-03-18 14:00:00'],
        );
        $this->at('2026-03-19 08:00');
        $this->post('/climate', ['temperature' => '20', 'humidity' => '50']);
        $this->assertSame(0, RouteChange::query()->count(), 'within the day');
        $this->at('2026-03-19 09:30');
        $this->post('/climate', ['temperature' => '20', 'humidity' => '50']);
        $scuff = $this->operation($build, 'finish.body.coat-2.scuff');
        $this->assertSame(30, $scuff->labour_minutes);
        $this->assertTrue(
            DB::table('operation_links')->where('before_id', $first->id)->where('after_id', $scuff->id)->exists(),
        );
        $this->assertTrue(
            DB::table('operation_links')->where('before_id', $scuff->id)->where('after_id', $second->id)->exists(),
        );
        $this->assertStringContainsString(
            'has closed before',
            (string) DB::table('log_entries')->where('kind', 'route')->latest('id')->value('text'),
        );
        $this->post("/operations/{$second->id}/clock")->assertSessionHasErrors('clock');
        $this->at('2026-03-19 10:00');
        $this->post('/climate/sensor');
        $this->assertSame(1, Operation::query()->where('key', 'like', '%.scuff')->count(), 'once');
    }

    public function test_the_simulated_sensor_says_the_same_for_the_same_minute_and_stays_in_a_shop(): void
    {
        $sensor = new SimulatedSensor;
        for ($hour = 0; $hour < 24 * 365; $hour += 7) {
            $at = CarbonImmutable::parse('2026-01-01 00:00')->addHours($hour);
            $air = $sensor->read($at);
            $this->assertEquals($air, $sensor->read($at));
            $this->assertTrue(
                $air->temperature > 15 && $air->temperature < 28 && $air->humidity > 30 && $air->humidity < 65,
            );
        }
    }
}
