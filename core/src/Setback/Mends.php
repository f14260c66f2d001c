<?php

declare(strict_types=1);

namespace Regimen\Setback;

use Regimen\Route\Entry\Rework;

/** How such a thing is usually mended, with hours of labour and of the hold behind it (common practice, no single source). */
final class Mends
{
    /** @return list<Mend> the usual first; none where nothing can be mended */
    public static function for(Mishap $mishap, PieceKind $piece): array
    {
        return match ($mishap) {
            Mishap::SlotOff => [Mend::of(
                'fill and resaw', 'the filled slot stays visible in raking light',
                Rework::of('glue a strip of the board’s timber into the slot', 0.35, 4), Rework::of('level it, saw the slot again', 0.5),
            )],
            Mishap::CutTooFar => self::tooFar($piece),
            Mishap::AccessHole => [Mend::of(
                'plug and drill again', 'a plug shows under the cover', Rework::of('glue a plug into the access hole', 0.5, 12), Rework::of('shape the access again', 0.4),
            )],
            Mishap::TearOut => [
                Mend::of('glue the fibres down', '', Rework::of('glue the torn fibres down, level', 0.5, 2)),
                Mend::of('let a piece in', 'a patch of other grain stays visible', Rework::of('let a piece in, level it', 1.0, 12)),
            ],
            Mishap::TemplateDip => [
                Mend::of('true the template, go round again', 'the outline comes out a little smaller', Rework::of('true the template', 0.75), Rework::of('rout the outline again', 0.5)),
            ],
            Mishap::SandedThrough => [
                Mend::of('touch the colour up', 'under strong light the place can be found', Rework::of('touch the colour up, coat over it', 1.0, 12)),
                Mend::of('take it off and colour again', '', Rework::of('sand the face back to bare timber', 2.0), Rework::of('colour the face again', 1.0, 12)),
            ],
            Mishap::WireForgotten => [
                Mend::of('draw it in with a magnet', '', Rework::of('draw the wire in through the channel', 0.75)),
                Mend::of('drill a channel from the cavity', '', Rework::of('drill a channel from the cavity', 1.0)),
            ],
            Mishap::WrongNeck => [
                Mend::of('shim the pocket', 'a shim shows when the neck is off', Rework::of('shim the pocket, fit the neck again', 1.0)),
                Mend::of('line the pocket and cut it again', 'a line of veneer shows round the heel', Rework::of('glue veneers to the pocket’s sides', 0.75, 12), Rework::of('cut the pocket again', 1.0)),
            ],
            Mishap::BridgeTravel => [
                Mend::of('plug and drill again', 'the plugs lie under the bridge', Rework::of('plug the bridge’s holes', 0.5, 12), Rework::of('place and drill the bridge again', 0.75)),
                Mend::of('recess the bridge', 'the bridge stands in a recess', Rework::of('rout a recess for the bridge', 1.25)),
                Mend::of('raise it', 'a plate shows under the bridge', Rework::of('make and fit a plate under the bridge', 1.0)),
                Mend::of('shim the neck', 'a shim shows when the neck is off', Rework::of('shim the neck to another angle', 0.75)),
            ],
            Mishap::Pickups => [Mend::of('other pickups into the same cavities', 'it sounds otherwise', Rework::of('exchange the pickups', 1.0))],
            Mishap::TunerHoles => [Mend::of(
                'plug with dowels, drill again', 'the plugs show beside the tuners', Rework::of('plug the tuner holes with dowels', 0.5, 12), Rework::of('drill the tuner holes again, with a template', 0.6),
            )],
            Mishap::Crack => [Mend::of('glue and clamp', 'the line of the crack can be found', Rework::of('work glue into the crack, clamp it', 0.5, 12), Rework::of('level it', 0.4))],
            Mishap::GlueOpened => [Mend::of('open, clean, glue again', '', Rework::of('open the joint and clean it', 0.75), Rework::of('glue the joint again', 0.5, 24))],
            Mishap::Dropped => [
                Mend::of('steam the dent out', '', Rework::of('steam the dent out, level it', 0.5, 4)),
                Mend::of('fill it', 'the filling can be found', Rework::of('fill the dent, level it', 0.75, 12)),
            ],
            Mishap::Water => [Mend::of('dry it slowly, true it', '', Rework::of('stand it to dry, weigh it', 0.25, 72), Rework::of('true what has moved', 1.0))],
            default => [],
        };
    }

    /** @return list<Mend> */
    private static function tooFar(PieceKind $piece): array
    {
        return match ($piece) {
            PieceKind::Neck => [Mend::of('glue a strip on, cut again', 'a line of glue stays visible', Rework::of('glue a strip on', 0.5, 12), Rework::of('cut it again', 0.5))],
            PieceKind::Fretboard => [Mend::of('glue a strip to its edge', 'a line of glue stays visible', Rework::of('glue a strip to the edge', 0.5, 12), Rework::of('plane the edge again', 0.4))],
            default => [Mend::of('let a piece in, cut again', 'a patch stays visible unless something covers it', Rework::of('let a piece in', 0.75, 12), Rework::of('cut it again', 0.6))],
        };
    }
}
