<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Route\Entry\TradeOperation;
use Regimen\Route\Standards\Station;

/** What an operation asks of whoever does it (TRADE section 8, common practice). */
enum Handling: string
{
    case CannotBeUndone = 'cannot-be-undone';
    case CalmHands = 'calm-hands';
    case CanBeLeft = 'can-be-left';

    /** @var list<TradeOperation> */
    private const CALM = [
        BodyOperation::Binding, FretboardOperation::Binding, FretboardOperation::Markers, FretboardOperation::SideMarkers,
        FinishOperation::Mask, FinishOperation::MaskFrets, ElectronicsOperation::Harness, ElectronicsOperation::Shield,
        ElectronicsOperation::Install, ElectronicsOperation::Wind, AssemblyOperation::Hardware, AssemblyOperation::LevelFrets,
        AssemblyOperation::Nut, AssemblyOperation::Guide, AssemblyOperation::StringUp, AssemblyOperation::Inspect,
    ];

    /** Cut to their final size whatever they are done with. */
    private const FINAL = [
        JointOperation::Pocket, JointOperation::Mortise, JointOperation::Tenon, JointOperation::Bridge, JointOperation::Screws,
        JointOperation::Inserts, FretboardOperation::Slots, HeadstockOperation::TunerHoles, BodyOperation::Cavities, FretboardOperation::Fret,
    ];

    private const MACHINES = [Station::RouterTable, Station::SawAndPlaner, Station::DrillPress, Station::MachineRouter];

    /**
     * @param  string  $key  of a step on a route
     * @param  string|null  $station  where it is done
     * @param  bool  $oneSitting  whether it is not to be left half done, as a glue-up
     */
    public static function of(string $key, ?string $station, bool $oneSitting): self
    {
        $key = StepKey::reworked($key) ?? $key;
        $operation = Operations::find($key) ?? Operations::find(StepKey::whole($key) ?? '');

        return match (true) {
            in_array($operation, self::CALM, true) => self::CalmHands,
            in_array($operation, self::FINAL, true), $oneSitting, in_array(Station::tryFrom($station ?? ''), self::MACHINES, true) => self::CannotBeUndone,
            default => self::CanBeLeft,
        };
    }

    /** Whether it is given to somebody who has a gentle day. */
    public function isGentle(): bool
    {
        return $this !== self::CannotBeUndone;
    }

    public function words(): string
    {
        return match ($this) {
            self::CannotBeUndone => 'cannot be undone',
            self::CalmHands => 'wants calm hands',
            self::CanBeLeft => 'can be left and taken up again',
        };
    }
}
