<?php

declare(strict_types=1);

namespace Regimen\Setback;

use Regimen\Figures\Workings;
use Regimen\Units\Words;

/** What can still be made of a piece that is spoiled for its own instrument. Allowances are common practice. */
final class Salvage
{
    /** Planing, both faces, in mm. */
    private const PLANED = 0.6;

    private const KERF = 1.2;

    /** @return list<string> sentences; none where nothing sensible can be made of it */
    public static function of(PieceKind $piece, Workings $w, ?int $spoiledFret, bool $isSlotted): array
    {
        return match ($piece) {
            PieceKind::Fretboard => self::ofBoard($w, $spoiledFret, $isSlotted),
            PieceKind::Neck => [self::size('a strip for shims and plugs', $w->lastFret(), $w->board()->widthAt(0.0), $w->specification->neck->thicknessFirst->mm - $w->board()->thickness)],
            PieceKind::Body, PieceKind::Top => [self::size(
                'timber for covers, blocks and tests', $w->body()->outline->along()->length() * 0.8, $w->body()->outline->across()->length() * 0.4,
                $piece === PieceKind::Top ? $w->specification->bodywork->layers[0]->thickness->mm : $w->specification->bodyThickness()->mm,
            )],
        };
    }

    /**
     * What stays of its thickness under the slots, laid side by side, covers a headstock.
     *
     * @return list<string>
     */
    private static function ofBoard(Workings $w, ?int $fret, bool $isSlotted): array
    {
        $board = $w->specification->board;
        $left = $board->boardThickness->mm - ($isSlotted ? $board->slotDepth->mm : 0.0) - self::PLANED;
        $said = [];
        if ($fret !== null && $fret > 12) {
            $said[] = 'It is good to fret '.($fret - 1).': it serves an instrument with fewer frets.';
        }
        $long = $w->specification->head->headLength->mm + 10.0;
        $strips = (int) floor(($w->board()->length + self::KERF) / ($long + self::KERF));
        $needed = (int) ceil(($w->head()->width() + 6.0) / $w->board()->widthAt(0.0));
        $veneers = $needed > 0 ? intdiv($strips, $needed) : 0;
        if ($left >= 1.0 && $veneers > 0) {
            $said[] = 'Planed to '.Words::number($left).' mm it makes '.($veneers === 1 ? 'a headstock veneer' : "{$veneers} headstock veneers")
                .($needed > 1 ? " glued up from {$needed} strips" : '').'.';
        } elseif ($left >= 1.0) {
            $said[] = self::size('a strip for covers and inlays', $w->board()->length, $w->board()->widthAt(0.0), $left);
        }

        return $said;
    }

    private static function size(string $what, float $long, float $wide, float $thick): string
    {
        return 'It leaves '.$what.': '.Words::number($long, 0).' × '.Words::number($wide, 0).' × '.Words::number($thick).' mm.';
    }
}
