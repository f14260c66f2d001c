<?php

declare(strict_types=1);

namespace App\Planning\Stores;

use App\Models\Build\Build;
use App\Models\Stores\Blank as BlankRecord;
use App\Planning\House\House;
use App\Planning\Pieces\RouteSoFar;
use App\Planning\Specification\Revisions;
use App\Support\Kept;
use Regimen\Figures\Workings;
use Regimen\Route\Entry\TradeOperation;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BoxOperation;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Setback\PieceKind;
use Regimen\Setback\Step;
use Regimen\Setback\Thing;
use Regimen\Stores\Blank;
use Regimen\Stores\BlankKind;

/** What the builds in the making are still to be cut from. */
final readonly class OpenNeeds
{
    public function __construct(private RouteSoFar $routes, private House $house)
    {
    }

    /** @return list<array{Build, Blank}> in the order of their promises */
    public function all(): array
    {
        $needs = [];
        $cut = $this->cut();
        $routes = $this->routes->ofOpenBuilds();
        foreach (Build::query()->open()->with('specification')->orderByRaw('promised_on IS NULL, promised_on, number')->get() as $build) {
            foreach ($this->blanks($build) as $blank) {
                if (! isset($cut["{$build->id} {$blank->key()}"]) && ! self::isBegun($blank->kind, $routes[$build->id] ?? [])) {
                    $needs[] = [$build, $blank];
                }
            }
        }

        return $needs;
    }

    /** @return list<Blank> all that it is cut from, worked out once for each revision and way of making it */
    private function blanks(Build $build): array
    {
        $slots = $this->house->methods($build)->slots();

        return Kept::of('blanks', $build->specification->text().$slots->name, static function () use ($build, $slots): array {
            $read = Revisions::read($build->specification);

            return $read->specification === null ? [] : Blank::of(Workings::from($read, null, $slots));
        });
    }

    /** @return array<string, true> for what a blank was cut that is neither spoiled nor taken elsewhere, by build and key */
    private function cut(): array
    {
        $cut = [];
        foreach (BlankRecord::query()->inBuild()->whereIn('build_id', Build::query()->open()->select('id'))->get(['build_id', 'key']) as $one) {
            $cut["{$one->build_id} {$one->key}"] = true;
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
            BlankKind::Body => $is(PieceKind::Body), BlankKind::Top => $is(PieceKind::Top) || $at(BoxOperation::Top), BlankKind::Back => $at(BoxOperation::Back), BlankKind::Sides => $at(BoxOperation::BendSides), BlankKind::Neck => $is(PieceKind::Neck), BlankKind::Fretboard => $is(PieceKind::Fretboard),
            BlankKind::Veneer => $at(HeadstockOperation::Veneer), BlankKind::Cover => $at(AssemblyOperation::Hardware),
        };
    }
}
