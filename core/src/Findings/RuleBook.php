<?php

declare(strict_types=1);

namespace Regimen\Findings;

use Regimen\Figures\Workings;

/** The rule book: every check, and what they say together. */
final class RuleBook
{
    /** @return list<Check> */
    public static function checks(): array
    {
        return [
            new Checks\MultiScale,
            new Checks\TimberUnderRod,
            new Checks\RodLength,
            new Checks\RodWidth,
            new Checks\TimberHardness,
            new Checks\BoardEdge,
            new Checks\SlotDepth,
            new Checks\SlotWidth,
            new Checks\MarkerDepth,
            new Checks\SideMarkers,
            new Checks\MarkerFloor,
            new Checks\MarkerPair,
            new Checks\MarkerRoom,
            new Checks\MarkerFrets,
            new Checks\OuterStrings,
            new Checks\BoardNarrows,
            new Checks\StringGaps,
            new Checks\StringOrder,
            new Checks\BreakAngle,
            new Checks\SideAngle,
            new Checks\GuideOverPosts,
            new Checks\HeadstockThickness,
            new Checks\TunerSpacing,
            new Checks\PostsOnHeadstock,
            new Checks\HeadstockStock,
            new Checks\NeckDepths,
            new Checks\NeckCut,
            new Checks\BridgeRange,
            new Checks\SaddleTravel,
            new Checks\BridgeOnBody,
            new Checks\PickupRoom,
            new Checks\PickupOrder,
            new Checks\PickupSpread,
            new Checks\PickupAtPocket,
            new Checks\PickupFloor,
            new Checks\CavityFloor,
            new Checks\CavityInside,
            new Checks\CavityCollision,
            new Checks\SpringsCavity,
            new Checks\PocketFloor,
            new Checks\PocketFit,
            new Checks\JointLength,
            new Checks\NeckScrews,
            new Checks\LayersAddUp,
            new Checks\ThinLayer,
            new Checks\FlatTopPlate,
            new Checks\ChamberFloor,
            new Checks\ChambersOnSolid,
            new Checks\EdgeRadius,
            new Checks\BindingLength,
            new Checks\PotThread,
            new Checks\JackThread,
            new Checks\StringTension,
            new Checks\StringKind,
            new Checks\UnevenSet,
            new Checks\TotalPull,
            new Checks\UnknownMass,
            new Checks\TargetWeight,
            new Checks\Balance,
            new Checks\CapacitorUnit,
            new Checks\PotsForPickups,
            new Checks\SwitchTable,
            new Checks\PickupResistance,
            new Checks\Battery,
            new Checks\ControlCavity,
            new Checks\Settled,
            new Checks\SeasonMovement,
            new Checks\ProtectedTimber,
            new Checks\OpenPores,
            new Checks\OilyTimber,
            new Checks\FinishOrder,
            new Checks\Colour,
            new Checks\Action,
            new Checks\Outline,
            new Checks\RouteScope,
            new Checks\Budget,
            new Checks\Hum,
            new Checks\Wishes,
        ];
    }

    /** @return list<Finding> the worst first, with mends that were tried */
    public static function judge(Workings $workings): array
    {
        return TriedMends::of($workings, self::findings($workings));
    }

    /** @return list<Finding> the worst first, with mends that nobody has tried yet */
    public static function findings(Workings $workings): array
    {
        $findings = [];
        foreach (self::checks() as $check) {
            foreach ($check->judge($workings) as $finding) {
                $findings[] = $finding;
            }
        }
        usort($findings, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        return $findings;
    }
}
