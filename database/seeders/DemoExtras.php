<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Forecast\SetBudget;
use App\Actions\Route\ChangeRoute;
use App\Devices\ClimateSensor;
use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Units\Money;

/** What the demo shop has besides: readings of the air, and an operation that no rule knows. */
final readonly class DemoExtras
{
    public function __construct(private Person $manager)
    {
    }

    /** Three readings a day of the sensor on the wall. */
    public function readTheAir(CarbonImmutable $now): void
    {
        $rows = [];
        for ($hours = 8 * 120; $hours > 0; $hours -= 8) {
            $at = $now->subHours($hours)->startOfHour();
            $air = app(ClimateSensor::class)->read($at->setTimezone(DemoShop::ZONE));
            $rows[] = [
                'at' => $at->utc()->toDateTimeString(), 'temperature_tenths' => (int) round(10 * $air->temperature),
                'humidity_tenths' => (int) round(10 * $air->humidity), 'source' => app(ClimateSensor::class)->name(),
            ];
        }
        DB::table('climate_readings')->insert($rows);
    }

    /** Hours and money that two builds may take: the one comfortably, the other not. */
    public function budgets(): void
    {
        [$ample, $scarce] = Build::query()->open()->whereNotNull('promised_on')->where('route_lacks', '')->orderBy('number')->take(2)->get()->all();
        foreach ([[$ample, 1.25], [$scarce, 0.95]] as [$build, $share]) {
            app(SetBudget::class)(
                $this->manager, $build, $build->version, (int) round($share * (int) $build->estimated_minutes / 60) * 60,
                Money::ofMinor((int) round($share * ((int) $build->estimated_labour_minor + (int) $build->estimated_material_minor) / 5_000) * 5_000, 'EUR'),
            );
        }
    }

    /** A client's wish that no rule knows: an operation of the build's own. */
    public function inlay(): void
    {
        $build = Build::query()->where('title', DemoBuilds::NOT_RELEASED)->sole();
        app(ChangeRoute::class)->make($this->manager, $build, $build->route_version, [
            'kind' => 'add', 'key' => 'own.1', 'name' => 'inlay the initials', 'stage' => 'fretboard',
            'pieces' => ['fretboard'], 'set_up' => 20, 'labour' => 180, 'hold' => 720,
            'skill' => 'frets', 'station' => 'fret-bench', 'fixture' => null,
            'after' => [FretboardOperation::Taper->value], 'before' => [FretboardOperation::Glue->value],
        ], 'the client’s wish');
    }
}
