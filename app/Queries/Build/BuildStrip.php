<?php

declare(strict_types=1);

namespace App\Queries\Build;

use App\Pages\Build\Mark;
use App\Pages\Build\MarkKind;
use App\Queries\Plan\Placement;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Piece;
use Regimen\Route\Standards\Stage;
use Regimen\Schedule\Plan\ReasonKind;

/**
 * A build as a strip in time: labour solid, holds hatched, waiting open, gates as rings; in three thin layers until the
 * parts are joined and in a thick one from then on. Labour that a night or a weekend interrupts is drawn as one
 * stretch.
 */
final class BuildStrip
{
    /** Gaps up to a weekend long, in minutes, do not break a stretch. */
    private const BRIDGED = 66 * 60;

    /** Shorter holds, in minutes, are lost at this scale. */
    private const SHOWN_HOLD = 12 * 60;

    private const SHOWN_WAIT = 24 * 60;

    /** Where the parts are tried together for the first time, and the gate that is drawn. */
    private const JOINING = JointOperation::DryFit;

    private const OUTSIDE_CAUSES = [ReasonKind::Release->value, ReasonKind::Lag->value];

    /**
     * @param  iterable<Placement>  $placements  of one build
     * @return list<Mark>
     */
    public static function marks(iterable $placements): array
    {
        $layers = self::layers($placements);
        $marks = [];
        foreach ([null, 0, 1, 2] as $ply) {
            $there = $layers[$ply ?? 'all'] ?? [];
            array_push(
                $marks, ...self::holds($there, $ply), ...self::waits($there, $ply), ...self::labour($there, $ply),
                ...self::gates($there, $ply),
            );
        }

        return $marks;
    }

    /**
     * Which operations a layer shows: from the dry fit on all are in the thick one; before, each is in the thin layers
     * of the pieces it works on, and what is done before the first cut is thick again.
     *
     * @param  iterable<Placement>  $placements
     * @return array<int|string, list<Placement>> by layer, each in the order of time
     */
    private static function layers(iterable $placements): array
    {
        $shown = [];
        $joined = $firstCut = PHP_INT_MAX;
        foreach ($placements as $one) {
            if ($one->start === null || $one->operation->stage === Stage::Brief) {
                continue;
            }
            $shown[] = $one;
            $joined = $one->operation->key === self::JOINING->value ? $one->start : $joined;
            $firstCut = $one->operation->pieces === [] ? $firstCut : min($firstCut, $one->start);
        }
        usort($shown, static fn (Placement $a, Placement $b): int => $a->start <=> $b->start);
        $layers = [];
        foreach ($shown as $one) {
            foreach (self::plies($one, $joined, $firstCut) as $ply) {
                $layers[$ply][] = $one;
            }
        }

        return $layers;
    }

    /** @return list<int|string> */
    private static function plies(Placement $one, int $joined, int $firstCut): array
    {
        if ($one->start >= $joined) {
            return ['all'];
        }
        $own = $one->operation->stage->ply();
        $plies = $own === null ? [] : [$own];
        foreach ($one->operation->pieces as $piece) {
            $plies[] = (int) array_search($piece, Piece::cases(), true);
        }

        return $plies === [] && $one->start < $firstCut ? ['all'] : array_values(array_unique($plies));
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<Mark>
     */
    private static function labour(array $placements, ?int $ply): array
    {
        $marks = [];
        $stretch = null;
        foreach ($placements as $one) {
            $end = $one->workEnd ?? (int) $one->start;
            $done = $one->operation->state->labourIsDone();
            if (
                $stretch === null
                || $stretch['held']
                || $stretch['done'] !== $done
                || $one->start - $stretch['to'] > self::BRIDGED
            ) {
                $marks[] = $stretch === null ? null : self::mark(
                    $ply, MarkKind::Labour, $stretch['from'], $stretch['to'], $stretch['done'], $stretch['words'],
                );
                $stretch = [
                    'from' => (int) $one->start, 'to' => $end, 'done' => $done, 'words' => $one->operation->name,
                ];
            } else {
                $stretch['to'] = max($stretch['to'], $end);
                $stretch['words'] = strtok($stretch['words'], '…').'… '.$one->operation->name;
            }
            $stretch['held'] = $one->operation->hold_minutes >= self::SHOWN_HOLD;
        }
        $marks[] = $stretch === null ? null : self::mark(
            $ply, MarkKind::Labour, $stretch['from'], $stretch['to'], $stretch['done'], $stretch['words'],
        );

        return array_values(array_filter($marks));
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<Mark>
     */
    private static function holds(array $placements, ?int $ply): array
    {
        $marks = [];
        foreach ($placements as $one) {
            if ($one->operation->hold_minutes >= self::SHOWN_HOLD && $one->workEnd !== null && $one->finish !== null) {
                $marks[] = self::mark(
                    $ply, MarkKind::Hold, $one->workEnd, $one->finish, $one->operation->state === OperationState::Done,
                    "{$one->operation->name}, hold",
                );
            }
        }

        return $marks;
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<Mark>
     */
    private static function waits(array $placements, ?int $ply): array
    {
        $marks = [];
        $before = null;
        foreach ($placements as $one) {
            $planned = $one->operation->state === OperationState::Open ? $one->operation->planned : null;
            if (
                $planned !== null
                && $before !== null
                && in_array($planned->reason_kind, self::OUTSIDE_CAUSES, true)
                && $one->start - $before >= self::SHOWN_WAIT
            ) {
                $marks[] = self::mark(
                    $ply, MarkKind::Wait, $before, (int) $one->start, false, "waits for {$planned->reason_text}",
                );
            }
            $before = max((int) $before, (int) ($one->finish ?? $one->workEnd));
        }

        return $marks;
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<Mark>
     */
    private static function gates(array $placements, ?int $ply): array
    {
        $marks = [];
        foreach ($placements as $one) {
            if ($one->operation->key === self::JOINING->value && $one->start !== null) {
                $marks[] = self::mark(
                    $ply, MarkKind::Gate, $one->start, $one->start, $one->operation->state->labourIsDone(),
                    "gate: {$one->operation->name}",
                );
            }
        }

        return $marks;
    }

    private static function mark(?int $ply, MarkKind $kind, int $from, int $to, bool $done, string $words): Mark
    {
        return new Mark(
            ply: $ply,
            kind: $kind,
            from: Placement::iso($from),
            to: Placement::iso($to),
            done: $done,
            words: $words,
        );
    }
}
