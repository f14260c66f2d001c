<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Bridge;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Checks\Electrics\SpreadAgain;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\BridgeKind;
use Regimen\Instrument\Body\StringPath;
use Regimen\Units\Words;

/** The bridge stands on the body, behind the scale line, with timber round its posts. */
final class BridgeOnBody implements Check
{
    /** A vibrato's pivots stand in front of its saddles, by at most so much in mm; common practice. */
    private const PIVOTS_MM = 20.0;

    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $outline = $w->body()->outline;
        $x = $s->middleScale()->mm + $s->bridgework->mountingOffset->mm;
        $across = $outline->acrossAt($x);
        $half = $s->bridgeSpan() / 2 + 6;
        if ($across === null || $across->from > -$half || $across->to < $half) {
            yield Finding::stop('bridge-on-body', 'Bridge beyond the body')
                ->says(
                    'Its posts or screws would be '.Words::mm($x, 0).' from the nut; the body reaches from '
                    .Words::number($outline->along()->from, 0).' to '.Words::mm($outline->along()->to, 0).'.',
                )
                ->because('There is no timber under it.')
                ->at('joinFret', 'bodyWidth', 'outline', 'mountingSpan')
                ->fixBy($this->joins($w))->fixBy($this->bodies($w))->fixBy($this->spans($w, $half));
        } elseif (
            $s->bridgework->stringPath === StringPath::Tailpiece
            && $s->middleScale()->mm + $s->bridgework->tailDistance->mm > $outline->along()->to - 8
        ) {
            yield Finding::stop('tail-on-body', 'Tailpiece beyond the body')
                ->says(Words::mm($s->bridgework->tailDistance->mm, 0).' behind the scale line.')
                ->because('It would hang over the body’s end.')
                ->at('tailDistance')
                ->fix('Put the tailpiece 45 mm behind the scale line', ['tailDistance' => '45 mm'])
                ->fixBy($this->joins($w))
                ->fix('End the strings at the bridge', ['stringPath' => StringPath::Bridge->value]);
        }
        yield from $this->inFront($w);
    }

    /** @return iterable<Finding> */
    private function inFront(Workings $w): iterable
    {
        $bridge = $w->specification->bridgework;
        $least = $bridge->bridge === BridgeKind::Vibrato ? -self::PIVOTS_MM : 0.0;
        if ($bridge->mountingOffset->mm < $least) {
            yield Finding::when(
                $bridge->mountingOffset->mm < $least - 5.0,
                'screws-in-front',
                'Bridge screws in front of the scale line',
            )
                ->says(Words::mm(-$bridge->mountingOffset->mm).' in front of it.')
                ->because('The saddles stand in front of their own bridge; a sign may have been lost.')
                ->at('mountingOffset')
                ->fixBy(
                    [
                        [
                            Words::number(-$bridge->mountingOffset->mm).' behind it',
                            ['mountingOffset' => Words::typed(min(60.0, -$bridge->mountingOffset->mm), 2)],
                        ],
                        ['Put them at the usual place', ['mountingOffset' => '']],
                    ],
                );
        }
        $behind = $bridge->saddleFront->mm + $bridge->saddleTravel->mm;
        if ($bridge->stringPath === StringPath::Tailpiece && $bridge->tailDistance->mm < $behind + 5.0) {
            yield Finding::stop('tail-in-front', 'Tailpiece in front of the saddles')
                ->says(
                    Words::mm($bridge->tailDistance->mm).' behind the scale line; the saddles reach to '
                    .Words::number($behind).'.',
                )
                ->because('Strings have to come down behind their saddles.')
                ->at('tailDistance')
                ->fixBy(
                    [
                        ['Put the tailpiece 45 mm behind the scale line', ['tailDistance' => '45 mm']],
                        [
                            'Put the tailpiece '.Words::mm($behind + 15.0, 0).' behind the scale line',
                            ['tailDistance' => Words::typed($behind + 15.0, 0)],
                        ],
                        ['End the strings at the bridge', ['stringPath' => StringPath::Bridge->value]],
                    ],
                );
        }
    }

    /**
     * The body farther towards the nut or away from it.
     *
     * @return iterable<array{string, array<string, string>}>
     */
    private function joins(Workings $w): iterable
    {
        $s = $w->specification;
        for ($by = 1; $by <= 8; $by++) {
            foreach ([$s->joinery->joinFret - $by, $s->joinery->joinFret + $by] as $fret) {
                if ($fret >= 8 && $fret <= $s->board->frets + 2) {
                    $body = $w->body()->outline
                        ->fitted(1.0, $w->fret($fret) - $w->body()->begins, 0.0)
                        ->acrossAt($s->middleScale()->mm + $s->bridgework->mountingOffset->mm);
                    if ($body !== null && min(-$body->from, $body->to) >= $s->bridgeSpan() / 2 + 6) {
                        yield ["Begin the body at fret {$fret}", ['joinFret' => (string) $fret]];
                        yield [
                            "Begin the body at fret {$fret} and spread the pickups again",
                            ['joinFret' => (string) $fret, 'pocketLength' => '', ...SpreadAgain::all($w)],
                        ];
                    }
                }
            }
        }
    }

    /** @return iterable<array{string, array<string, string>}> */
    private function bodies(Workings $w): iterable
    {
        $wide = $w->specification->bodywork->bodyWidth->mm;
        foreach ([1.1, 1.2, 1.35, 1.5, 1.75, 2.0] as $factor) {
            if ($wide * $factor <= 600.0) {
                yield [
                    'Make the body '.Words::mm($wide * $factor, 0).' wide',
                    ['bodyWidth' => Words::typed($wide * $factor, 0)],
                ];
            }
        }
        yield ['Take a body of the usual size', ['bodyWidth' => '', 'outline' => '', 'joinFret' => '']];
    }

    /** @return iterable<array{string, array<string, string>}> */
    private function spans(Workings $w, float $half): iterable
    {
        $across = $w->body()->outline->acrossAt(
            $w->specification->middleScale()->mm + $w->specification->bridgework->mountingOffset->mm,
        );
        $span = $across === null ? 0.0 : Words::down(2 * (min(-$across->from, $across->to) - 6.0));
        if ($span >= 10.0 && $span < 2 * $half) {
            yield ['Put the posts '.Words::mm($span).' apart', ['mountingSpan' => Words::typed($span)]];
        }
    }
}
