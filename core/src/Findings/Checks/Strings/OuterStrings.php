<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Strings;

use Regimen\Figures\StringFigures;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Outer strings stay on the board along all frets (G13). */
final class OuterStrings implements Check
{
    private const LEAST = 2.5;

    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        [$worst, $where, $side] = [INF, 0, 0];
        foreach ([0, $s->brief->strings - 1] as $string) {
            for ($fret = 0; $fret <= $s->board->frets; $fret++) {
                $distance = StringFigures::edgeDistance($w, $string, $w->fret($fret))->value;
                if ($distance < $worst) {
                    [$worst, $where, $side] = [$distance, $fret, $string];
                }
            }
        }
        if ($worst < self::LEAST) {
            yield Finding::when($worst < 1.5, 'outer-strings', 'Outer string at the board’s edge')
                ->says(
                    Words::mm($worst, 2).' from the edge to '.Words::strings([$side]).' at '
                    .($where === 0 ? 'the nut' : "fret {$where}").'; 3 mm is usual.',
                )
                ->because('It slips off the fret ends when it is pulled.')
                ->at('nutMargin', 'bridgeSpread', 'lastWidth')
                ->fixBy($this->narrower($w))
                ->fixBy($this->wider($w))
                ->fixBy($this->margins($w));
        }
    }

    /**
     * At the last fret, where the bridge decides.
     *
     * @return iterable<array{string, array<string, string>|null}>
     */
    private function narrower(Workings $w): iterable
    {
        $share = $w->lastFret() / $w->specification->middleScale()->mm;
        $spread = Words::down(
            $w->specification->stringing->bridgeSpread->mm - 2 * $this->missing($w, $w->lastFret()) / $share,
        );
        yield [
            'Make the bridge '.Words::mm($spread).' wide',
            $spread >= 20.0 && $spread < $w->specification->stringing->bridgeSpread->mm
                ? ['bridgeSpread' => Words::typed($spread)]
                : null,
        ];
    }

    /** @return iterable<array{string, array<string, string>|null}> */
    private function wider(Workings $w): iterable
    {
        $s = $w->specification;
        $wide = Words::up($s->board->lastWidth->mm + 2 * $this->missing($w, $w->lastFret()));
        $margin = Words::up($s->stringing->nutMargin->mm + $this->missing($w, 0.0), 2);
        $board = ['lastWidth' => Words::typed($wide), 'heelWidth' => '', 'pocketWidth' => ''];
        yield [
            'Make the board '.Words::mm($wide).' wide at the last fret', $wide > $s->board->lastWidth->mm ? $board : null,
        ];
        yield [
            'Make the board '.Words::mm($wide).' wide at the last fret, with a margin of '.Words::mm($margin, 2),
            $wide > $s->board->lastWidth->mm ? [...$board, 'nutMargin' => Words::typed($margin, 2)] : null,
        ];
        yield [
            'Set board and bridge by the strings',
            ['lastWidth' => '', 'bridgeSpread' => '', 'heelWidth' => '', 'pocketWidth' => '', 'nutMargin' => ''],
        ];
        yield [
            'Set nut, board and bridge by the strings',
            [
                'nutWidth' => '', 'lastWidth' => '', 'bridgeSpread' => '', 'heelWidth' => '', 'pocketWidth' => '',
                'nutMargin' => '',
            ],
        ];
    }

    /** @return iterable<array{string, array<string, string>|null}> */
    private function margins(Workings $w): iterable
    {
        $missing = $this->missing($w, 0.0);
        $margin = Words::up($w->specification->stringing->nutMargin->mm + $missing, 2);
        yield [
            'Leave a margin of '.Words::mm($margin, 2).' at the nut',
            $missing > 0.0 ? ['nutMargin' => Words::typed($margin, 2)] : null,
        ];
    }

    /** How much the nearer of the two strings lacks at x, with a hair to spare. */
    private function missing(Workings $w, float $x): float
    {
        $edges = array_map(
            static fn (int $string): float => StringFigures::edgeDistance($w, $string, $x)->value,
            [0, $w->specification->brief->strings - 1],
        );

        return max(0.0, self::LEAST + 0.05 - min($edges));
    }
}
