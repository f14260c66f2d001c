<?php

declare(strict_types=1);

namespace App\Planning\Stores;

use App\Models\Build\Build;
use App\Models\Stores\Blank as BlankRecord;
use App\Planning\Pieces\RouteSoFar;
use App\Planning\Specification\Revisions;
use Regimen\Route\Entry\TradeOperation;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Step;
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
        $cut = $this->cut();
        $routes = $this->routes->ofOpenBuilds();
        foreach (Build::query()->open()->with('specification')->orderByRaw('promised_on IS NULL, promised_on, number')->get() as $build) {
            $read = Revisions::read($build->specification);
            foreach ($read->specification === null ? [] : Blank::of($this->revisions->workings($read, $build)) as $blank) {
                if (! isset($cut["{$build->id} {$blank->key()}"]) && ! self::isBegun($blank->kind, $routes[$build->id] ?? [])) {
                    $needs[] = [$build, $blank];
                }
            }
        }

        return $needs;
    }

    /** @return array<string, true> for what a blank was cut that is neither spoiled nor taken elsewhere, by build and key */
    private function cut(): array
    {
        $cut = [];
        foreach (BlankRecord::query()->reserved()->whereIn('build_id', Build::query()->open()->select('id'))->with('kitLine')->get() as $one) {
            if ($one->kitLine->piece_id === null && ! $one->kitLine->surplus && $one->kitLine->written_off < $one->kitLine->quantity) {
                $cut["{$one->build_id} {$one->key}"] = true;
            }
        }

        return $cut;
    }

    /**
     * Whether it is too late to cut it.
     *
     * @param  list<Step>  $route
     */
    private static function isBegun(BlankKind $kind, array $route): bool
    {
        $is = static fn (PieceKind $piece): bool => Thing::of($piece, $route)->isBegun();
        $at = static fn (TradeOperation $operation): bool => array_filter($route, static fn (Step $one): bool => $one->key === $operation->value && $one->isBegun()) !== [];

        return match ($kind) {
            BlankKind::Body => $is(PieceKind::Body), BlankKind::Top => $is(PieceKind::Top), BlankKind::Neck => $is(PieceKind::Neck), BlankKind::Fretboard => $is(PieceKind::Fretboard),
            BlankKind::Veneer => $at(HeadstockOperation::Veneer), BlankKind::Cover => $at(AssemblyOperation::Hardware),
        };
    }
}
