<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Planning\House\House;
use App\Planning\Plan\PlanTurn;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Nobody looks at a plan that time has overtaken. */
final readonly class KeepPlanFresh
{
    public function __construct(private PlanTurn $turn, private House $house)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethod('GET')) {
            try {
                $this->turn->keepFresh();
            } catch (Throwable $failed) {
                // The plan before it is whole: better an old one than no page.
                report($failed);
            }
            $this->house->holdStill();
        }

        return $next($request);
    }
}
