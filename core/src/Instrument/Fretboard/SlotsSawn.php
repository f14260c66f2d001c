<?php

declare(strict_types=1);

namespace Regimen\Instrument\Fretboard;

/** From which face the fret slots are sawn to their depth; the route says which. */
enum SlotsSawn
{
    /** Before the radius: one depth under the flat, so that the radius takes from it towards the edges. */
    case FromTheFlat;
    /** After the radius, following it: one depth under the surface everywhere. */
    case FromTheArc;
}
