<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

/** The stations that a new shop starts with; a shop may add its own, which have keys of the same form. */
enum Station: string
{
    case DrawingTable = 'drawing-table';
    case SawAndPlaner = 'saw-and-planer';
    case RouterTable = 'router-table';
    case DrillPress = 'drill-press';
    case NeckBench = 'neck-bench';
    case FretBench = 'fret-bench';
    case SprayBooth = 'spray-booth';
    case ElectronicsBench = 'electronics-bench';
    case SetUpBench = 'set-up-bench';
    /** Sides of flat-tops are bent over it. */
    case BendingForm = 'bending-form';

    /** Follows a file; a new shop has none. */
    case MachineRouter = 'machine-router';

    public function words(): string
    {
        return $this === self::SetUpBench ? 'set-up bench' : str_replace('-', ' ', $this->value);
    }

    /** How many a new shop has; a house default. */
    public function capacity(): int
    {
        return $this === self::MachineRouter ? 0 : 1;
    }
}
