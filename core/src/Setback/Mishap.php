<?php

declare(strict_types=1);

namespace Regimen\Setback;

/** What goes wrong in a shop (TRADE section 6: common practice, no single source). */
enum Mishap: string
{
    case SlotOff = 'slot-off';
    case CutTooFar = 'cut-too-far';
    case AccessHole = 'access-hole';
    case TearOut = 'tear-out';
    case TemplateDip = 'template-dip';
    case SandedThrough = 'sanded-through';
    case WireForgotten = 'wire-forgotten';
    case WrongNeck = 'wrong-neck';
    case BridgeTravel = 'bridge-travel';
    case Pickups = 'pickups';
    case TunerHoles = 'tuner-holes';
    case Crack = 'crack';
    case GlueOpened = 'glue-opened';
    case Dropped = 'dropped';
    case Water = 'water';
    case OutOfTolerance = 'out-of-tolerance';
    case MachineDown = 'machine-down';
    case TooCold = 'too-cold';
    case Ill = 'ill';
    case Other = 'other';

    public function words(): string
    {
        return match ($this) {
            self::SlotOff => 'a fret slot is off its place',
            self::CutTooFar => 'sawn, routed or sanded too far',
            self::AccessHole => 'the truss-rod access hole has grown too wide',
            self::TearOut => 'tear-out',
            self::TemplateDip => 'the template has a dip',
            self::SandedThrough => 'sanded through the colour',
            self::WireForgotten => 'a wire is forgotten inside',
            self::WrongNeck => 'the neck does not suit its pocket',
            self::BridgeTravel => 'the bridge is at the end of its travel',
            self::Pickups => 'the pickups do not suit',
            self::TunerHoles => 'tuner holes are drilled unevenly',
            self::Crack => 'a crack or a split',
            self::GlueOpened => 'a glued joint has opened',
            self::Dropped => 'dropped or dented',
            self::Water => 'water damage',
            self::OutOfTolerance => 'outside of its tolerance',
            self::MachineDown => 'a machine is down',
            self::TooCold => 'too cold or too damp to spray',
            self::Ill => 'somebody is ill',
            self::Other => 'something else',
        };
    }

    /** Whether it happens to the shop and not to a piece: then time is what is lost. */
    public function isDelay(): bool
    {
        return in_array($this, [self::MachineDown, self::TooCold, self::Ill], true);
    }

    /** @return list<PieceKind> on what it happens; nothing for anywhere on the instrument */
    public function pieces(): array
    {
        return match ($this) {
            self::SlotOff => [PieceKind::Fretboard],
            self::AccessHole, self::TunerHoles => [PieceKind::Neck],
            self::WireForgotten, self::BridgeTravel, self::Pickups => [PieceKind::Body],
            self::WrongNeck => [PieceKind::Neck, PieceKind::Body],
            self::MachineDown, self::TooCold, self::Ill => [],
            default => PieceKind::cases(),
        };
    }

    /** Whether the number of a fret says where. */
    public function isAtFret(): bool
    {
        return $this === self::SlotOff;
    }

    public function usualCause(): Cause
    {
        return match ($this) {
            self::SlotOff, self::CutTooFar, self::SandedThrough, self::WireForgotten => Cause::Hand,
            self::AccessHole, self::TearOut => Cause::Tool,
            self::TemplateDip => Cause::Template,
            self::WrongNeck, self::BridgeTravel, self::TunerHoles, self::OutOfTolerance => Cause::Reading,
            self::Pickups => Cause::Part,
            self::Crack => Cause::Timber,
            self::GlueOpened => Cause::Glue,
            self::Dropped, self::Water => Cause::Accident,
            self::MachineDown => Cause::Machine,
            self::TooCold => Cause::Air,
            self::Ill, self::Other => Cause::Unknown,
        };
    }
}
