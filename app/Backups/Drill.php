<?php

declare(strict_types=1);

namespace App\Backups;

use App\Http\Middleware\SignInCounts;
use App\Models\Build\Build;
use App\Models\People\Person;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Route as Routes;

/** Opens every page of a shop as its first manager would, without a browser. */
final readonly class Drill
{
    /** What signs in and out, or is for devices. */
    private const LEFT_OUT = ['sign-in', 'sign-in/second', 'new-shop', 'up', '/', 'house/everything.zip'];

    public function __construct(private Kernel $kernel)
    {
    }

    /** @return array<string, int> the answer's status by the address of the page */
    public function pages(): array
    {
        $manager = Person::query()->where('role', 'manager')->where('active', true)->firstOrFail();
        $statuses = [];
        foreach ($this->addresses() as $address) {
            Auth::setUser($manager);
            $request = Request::create($address);
            $request->setLaravelSession(app('session')->driver('array'));
            SignInCounts::begin($request, $manager, isGoingOn: true);
            $request->setUserResolver(static fn (): Person => $manager);
            $statuses[$address] = $this->kernel->handle($request)->getStatusCode();
        }

        return $statuses;
    }

    /** @return list<string> every page that has an address of its own, and those of each open build */
    private function addresses(): array
    {
        $addresses = [];
        $numbers = Build::query()->open()->orderBy('number')->pluck('number')->all();
        foreach (Routes::getRoutes()->getRoutesByMethod()['GET'] ?? [] as $route) {
            assert($route instanceof Route);
            if (in_array($route->uri(), self::LEFT_OUT, true)) {
                continue;
            }
            $needed = array_diff($route->parameterNames(), ['number', 'paper']);
            $uri = str_replace(['{paper}', '/{number?}', '{number}'], ['a4', '', '1'], $route->uri());
            if ($needed === []) {
                $addresses[] = "/{$uri}";
            } elseif ($needed === ['build']) {
                foreach ($numbers as $number) {
                    $addresses[] = '/'.str_replace('{build}', (string) $number, $uri);
                }
            }
        }

        return $addresses;
    }
}
