<?php

declare(strict_types=1);

namespace App\Planning\Stores;

use App\Models\Build\Build;
use App\Planning\Pieces\RouteSoFar;
use App\Planning\Specification\Revisions;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Thing;
use Regimen\Stores\Blank;
use Regimen\Stores\BlankKind;

/** What the builds in the making are still to be cut from. */
final readonly class OpenNeeds
{
    public function __construct(private Revisions $revisions, private RouteSoFar $routes)
    {
    }

    /** @return list<array{Build, Blank}> in the order of their promises */
    public function all(): array
    {
        $needs = [];
        $routes = $this->routes->ofOpenBuilds();
        foreach (Build::query()->open()->with('specification')->orderByRaw('promised_on IS NULL, promised_on, number')->get() as $build) {
            $read = Revisions::read($build->specification);
            foreach ($read->specification === null ? [] : Blank::of($this->revisions->workings($read, $build)) as $blank) {
                if (! Thing::of(self::piece($blank->kind), $routes[$build->id] ?? [])->isBegun()) {
                    $needs[] = [$build, $blank];
                }
            }
        }

        return $needs;
    }

    private static function piece(BlankKind $kind): PieceKind
    {
        return match ($kind) {
            BlankKind::Body => PieceKind::Body, BlankKind::Top => PieceKind::Top, BlankKind::Neck => PieceKind::Neck, BlankKind::Fretboard => PieceKind::Fretboard,
        };
    }
}
