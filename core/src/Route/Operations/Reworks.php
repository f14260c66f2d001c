<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Inspection\Target;
use Regimen\Route\Entry\Rework;

/** What is usually done over, by what was read and on which side of its limits. Common practice, no single source. */
final class Reworks
{
    /** @return list<Rework> the usual first; one for anything last */
    public static function for(Target $target, float $value): array
    {
        $isOver = $target->high !== null && $value > $target->high;

        return [...self::usual($target->key(), $isOver), Rework::of("do over: {$target->what}", 0.5)];
    }

    /** @return list<Rework> */
    private static function usual(string $line, bool $isOver): array
    {
        return match (true) {
            $line === 'pocket-depth' && $isOver => [Rework::of('shim the pocket', 0.35), Rework::of('glue a veneer into the pocket', 0.5, 12)],
            $line === 'pocket-depth' => [Rework::of('deepen the pocket', 0.4)],
            str_starts_with($line, 'pocket-gap') => [Rework::of('glue a veneer to the pocket’s side, fit again', 0.75, 12)],
            str_starts_with($line, 'thickness-at') && $isOver => [Rework::of('carve further', 0.5)],
            str_starts_with($line, 'depth-of-the-channel') && $isOver => [Rework::of('glue a strip into the channel', 0.5, 12)],
            str_starts_with($line, 'depth-of-the-channel') => [Rework::of('deepen the channel', 0.3)],
            $line === 'off-the-centre-line' => [Rework::of('plane the edges to the channel’s centre', 0.5)],
            str_starts_with($line, 'width-at') && $isOver => [Rework::of('plane the neck to width', 0.4)],
            $line === 'bow-and-twist' => [Rework::of('flatten again', 0.5)],
            $line === 'headstock-thickness' && $isOver => [Rework::of('plane the headstock', 0.3)],
            $line === 'headstock-thickness' => [Rework::of('glue a veneer to the headstock', 0.5, 12)],
            str_starts_with($line, 'light-under') => [Rework::of('sand the radius again', 0.75)],
            $line === 'a-fret-rocks' => [Rework::of('reseat and level the frets', 1.0)],
            str_contains($line, 'cavity') && ! $isOver => [Rework::of('deepen the cavity', 0.3)],
            str_starts_with($line, 'nut-to-saddle') => [Rework::of('plug the bridge’s holes, drill again', 1.0, 12)],
            str_starts_with($line, 'string-over') && ! $isOver => [Rework::of('fill the nut’s slot, cut it again', 0.5, 2), Rework::of('make another nut', 1.0)],
            str_starts_with($line, 'string-over') => [Rework::of('file the nut’s slots deeper', 0.25)],
            str_starts_with($line, 'tap-test'), str_starts_with($line, 'at-the-jack') => [Rework::of('trace the wiring, solder again', 0.75)],
            str_starts_with($line, 'centre-line') => [Rework::of('ease the pocket on one side, fit again', 0.75)],
            default => [],
        };
    }
}
