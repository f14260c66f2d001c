<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** The rule book: every check, and what they say together. */
final class RuleBook
{
    /** @return list<Check> */
    public static function checks(): array
    {
        return [
            new Neck\TimberUnderRod,
            new Neck\RodLength,
            new Neck\RodWidth,
            new Timber\TimberHardness,
            new Board\SteepFan,
            new Board\BoardEdge,
            new Board\SlotDepth,
            new Board\SlotWidth,
            new Board\MarkerDepth,
            new Board\SideMarkers,
            new Board\MarkerFloor,
            new Board\MarkerPair,
            new Board\MarkerRoom,
            new Board\MarkerFrets,
            new Strings\OuterStrings,
            new Board\BoardNarrows,
            new Strings\StringGaps,
            new Strings\StringOrder,
            new Headstock\BreakAngle,
            new Headstock\SideAngle,
            new Headstock\GuideOverPosts,
            new Headstock\HeadstockThickness,
            new Headstock\SideTuners,
            new Headstock\TunerSpacing,
            new Headstock\PostsOnHeadstock,
            new Headstock\HeadstockStock,
            new Neck\NeckDepths,
            new Neck\NeckCut,
            new Bridge\BridgeRange,
            new Bridge\SaddleTravel,
            new Bridge\BridgeOnBody,
            new Bridge\SingleBridges,
            new Bridge\FannedBridge,
            new Electrics\PickupRoom,
            new Electrics\PickupOrder,
            new Electrics\PickupSpread,
            new Neck\PickupAtPocket,
            new Electrics\PickupFloor,
            new Body\CavityFloor,
            new Body\CavityInside,
            new Body\CavityCollision,
            new Bridge\SpringsCavity,
            new Neck\PocketFloor,
            new Neck\PocketFit,
            new Neck\JointLength,
            new Neck\NeckScrews,
            new Body\LayersAddUp,
            new Body\ThinLayer,
            new Body\FlatTopPlate,
            new Box\UnknownPlate,
            new Box\BackAndSides,
            new Box\Bracing,
            new Box\SoundHole,
            new Box\NeckAngle,
            new Box\StringsAndBracing,
            new Body\ChamberFloor,
            new Body\ChambersOnSolid,
            new Body\EdgeRadius,
            new Body\BindingLength,
            new Electrics\PotThread,
            new Electrics\JackThread,
            new Strings\StringTension,
            new Strings\Nylon,
            new Strings\StringKind,
            new Strings\UnevenSet,
            new Neck\TotalPull,
            new Strings\UnknownMass,
            new Whole\TargetWeight,
            new Whole\Balance,
            new Electrics\CapacitorUnit,
            new Electrics\PotsForPickups,
            new Electrics\SwitchTable,
            new Electrics\PickupResistance,
            new Electrics\Battery,
            new Body\ControlCavity,
            new Timber\Settled,
            new Timber\SeasonMovement,
            new Timber\ProtectedTimber,
            new Timber\OpenPores,
            new Timber\OilyTimber,
            new Timber\FinishOrder,
            new Timber\Colour,
            new Strings\Action,
            new Body\Outline,
            new Whole\Budget,
            new Electrics\Hum,
            new Whole\Wishes,
        ];
    }

    /** @return list<Finding> the worst first, with fixes that were tried */
    public static function judge(Workings $workings): array
    {
        return TriedFixes::tried($workings, self::findings($workings));
    }

    /** @return list<Finding> the worst first, with fixes that nobody has tried yet */
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
