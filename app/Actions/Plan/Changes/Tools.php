<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Actions\Commission\TakeCommission;
use App\Actions\House\KeepVersion;
use App\Planning\House\House;
use App\Planning\Pieces\PieceFits;
use App\Planning\Pieces\PieceMoves;
use App\Planning\Pieces\RouteSoFar;
use App\Planning\Route\Drafting;
use App\Planning\Route\Routes;
use App\Planning\Route\RouteSync;
use App\Planning\Setback\Remedies;
use App\Planning\Setback\Remedying;
use App\Support\Clock;
use App\Support\Logbook;

/** What changes are made with. */
final readonly class Tools
{
    public function __construct(
        public House $house,
        public Drafting $drafting,
        public Routes $routes,
        public RouteSync $sync,
        public TakeCommission $takeCommission,
        public KeepVersion $keepVersion,
        public Logbook $logbook,
        public Remedies $remedies,
        public Remedying $remedying,
        public PieceMoves $moves,
        public PieceFits $fits,
        public RouteSoFar $routesSoFar,
        public Clock $clock,
    ) {
    }
}
