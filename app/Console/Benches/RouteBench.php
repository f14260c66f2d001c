<?php

declare(strict_types=1);

namespace App\Console\Benches;

use App\Actions\Commission\Commission;
use App\Actions\Commission\TakeCommission;
use App\Actions\House\OpenShop;
use App\Models\Build\Purpose;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Route\Operation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Route\Standards\FinishStandard;
use Regimen\Route\Standards\HouseStandards;
use Regimen\Units\Duration;

/** What a route of ninety operations costs the core and the server, as ratios that can be compared from run to run. */
final class RouteBench
{
    private const INSTRUMENT = [
        'type' => 'guitar', 'strings' => '7', 'nutWidth' => '48', 'frets' => '24', 'joint' => 'bolt-on',
        'body' => 'chambered',
        'layers' => [['timber' => 'bigleaf maple', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '38']],
        'finish' => 'nitrocellulose', 'colour' => 'amber burst', 'boardTimber' => 'sugar maple',
        'boardFinish' => 'lacquered', 'markers' => 'block', 'laminations' => '3', 'stiffeningRods' => 'yes',
        'boardBinding' => '1.5', 'bodyBinding' => '2', 'veneer' => '1', 'volute' => 'yes', 'shielding' => 'foil',
        'pickups' => [['place' => 'neck', 'kind' => 'humbucker'], ['place' => 'bridge', 'kind' => 'humbucker']],
    ];

    /** @param  callable(string): void  $say */
    public function run(callable $say): int
    {
        $specification = SpecificationReader::read(self::INSTRUMENT)->orFail();
        $hours = Duration::ofHours(...);
        $standards = HouseStandards::of(
            TradeStandards::all()->operations(),
            [
                new FinishStandard(
                    FinishSystem::Nitrocellulose, 14, 14, 3, $hours(2), $hours(2), $hours(14), $hours(576),
                ),
            ],
        );
        $route = RoutePlanner::withAllRules()->plan($specification, $standards);
        $derived = self::best(static fn () => RoutePlanner::withAllRules()->plan($specification, $standards));
        $sorted = self::best(static function () use ($route): void {
            $copy = $route->operations;
            usort($copy, static fn (Operation $a, Operation $b): int => $a->key <=> $b->key);
            $links = $route->links;
            usort($links, static fn ($a, $b): int => [$a->before, $a->after] <=> [$b->before, $b->after]);
        });
        $say(
            sprintf(
                'a route of %d operations and %d links: derived in %.1f ms here, %.1f × sorting a copy of it',
                count($route->operations),
                count($route->links),
                $derived,
                $derived / $sorted,
            ),
        );
        $this->page($say, $sorted);

        return 0;
    }

    /** @param  callable(string): void  $say */
    private function page(callable $say, float $sorted): void
    {
        config(
            [
                'database.connections.bench' => [
                    'driver' => 'sqlite', 'database' => ':memory:', 'foreign_key_constraints' => true,
                ],
                'database.default' => 'bench',
                'session.driver' => 'array',
                'cache.default' => 'array',
            ],
        );
        DB::purge('bench');
        Artisan::call('migrate', ['--force' => true]);
        $manager = app(OpenShop::class)('Bench', 'EUR', 'UTC', 'Bench', 'bench@example.org', 'a long password');
        $build = app(TakeCommission::class)(
            $manager,
            new Commission(Purpose::Stock, 'Bench', '', '', self::INSTRUMENT, null, null, null),
        );
        $empty = self::best(fn () => $this->ask('/up'));
        $page = self::best(function () use ($manager, $build): void {
            Auth::guard()->setUser($manager);
            app()->forgetScopedInstances();
            $this->ask("/builds/{$build->number}/route");
        });
        $say(
            sprintf(
                'its page: %.0f ms here, %.1f × an empty request, %.0f × sorting a copy of the route',
                $page,
                $page / $empty,
                $page / $sorted,
            ),
        );
    }

    private function ask(string $path): void
    {
        $answer = app(Kernel::class)->handle(Request::create($path));
        if ($answer->getStatusCode() >= 400) {
            throw new \RuntimeException("{$path} answers {$answer->getStatusCode()}.");
        }
    }

    private static function best(callable $work): float
    {
        $best = INF;
        for ($run = 0; $run < 7; $run++) {
            $start = hrtime(true);
            $work();
            $best = min($best, (hrtime(true) - $start) / 1e6);
        }

        return $best;
    }
}
