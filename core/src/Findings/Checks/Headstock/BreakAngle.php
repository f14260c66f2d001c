<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Headstock;

use Regimen\Figures\InstrumentString;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Neck\HeadstockKind;
use Regimen\Units\Words;

/** Strings press into the nut (G12). */
final class BreakAngle implements Check
{
    private const LEAST = 5.0;

    /** What a fix aims at. */
    private const AIM = 5.4;

    private const STEEP = 17.0;

    public function judge(Workings $w): iterable
    {
        if (! $w->specification->head->headstock->hasPosts()) {
            return;
        }
        $angles = array_map(static fn (InstrumentString $string): float => $string->break, $w->strings());
        $low = array_keys(array_filter($angles, static fn (float $angle): bool => $angle < self::LEAST));
        if ($low !== []) {
            $lowest = min($angles);
            yield Finding::when($lowest < 0.5, 'break-angle', 'Flat over the nut')
                ->says(
                    ucfirst(Words::strings($low)).': down to '.Words::number($lowest).'°; under 5° a guide is usual.',
                )
                ->because('The string buzzes in its slot or jumps out of it.')
                ->at('guided', 'headAngle', 'headStep', 'postHeight')
                ->fixBy($this->guides($w, max($low) + 1))
                ->fixBy($this->angles($w, $low))
                ->fixBy($this->steps($w, $low));
        }
        if (max($angles) > self::STEEP) {
            yield Finding::note('break-steep', 'Steep over the nut')
                ->says('Up to '.Words::number(max($angles)).'°.')
                ->because('Friction in the slot: the string goes out of tune when it is bent.')
                ->at('headAngle');
        }
    }

    /** @return iterable<array{string, array<string, string>}> */
    private function guides(Workings $w, int $guided): iterable
    {
        $head = $w->specification->head;
        $nearest = min(array_map(static fn ($post): float => -$post->x, $w->head()->posts));
        foreach ([$head->guideAt->mm, Words::down(min(35.0, $nearest - 10.0), 0)] as $at) {
            $drop = max($head->guideDrop->mm, Words::up($at * tan(deg2rad(self::AIM))));
            yield [
                "Put a guide over {$guided}",
                ['guided' => (string) $guided, 'guideAt' => Words::typed($at), 'guideDrop' => Words::typed($drop)],
            ];
        }
    }

    /**
     * The least angle that is enough.
     *
     * @param  non-empty-list<int>  $low
     * @return iterable<array{string, array<string, string>}>
     */
    private function angles(Workings $w, array $low): iterable
    {
        if ($w->specification->head->headstock !== HeadstockKind::Angled) {
            return;
        }
        for ($angle = ceil($w->head()->angle()); $angle <= 18.0; $angle += 0.5) {
            if (min(array_map(fn (int $string): float => $w->head()->breakAngle($string, $angle), $low)) >= self::AIM) {
                yield ['Tilt the headstock by '.Words::number($angle).'°', ['headAngle' => Words::number($angle).'°']];

                return;
            }
        }
    }

    /**
     * @param  non-empty-list<int>  $low
     * @return iterable<array{string, array<string, string>}>
     */
    private function steps(Workings $w, array $low): iterable
    {
        $missing = max(
            array_map(
                fn (int $string): float => $w
                    ->head()
                    ->awayFromNut($string) * tan(deg2rad(self::AIM)) - $w->head()->heightLost($string),
                $low,
            ),
        );
        $step = ceil($w->specification->head->headStep->mm + $missing);
        if ($w->specification->head->headstock === HeadstockKind::Flat && $step <= 22.0) {
            yield ['Step the face down by '.Words::mm($step), ['headStep' => Words::typed($step)]];
        }
        $post = Words::down($w->specification->head->postHeight->mm - $missing);
        if ($post >= 3.0) {
            yield ['Lead the strings '.Words::mm($post).' above the face', ['postHeight' => Words::typed($post)]];
        }
    }
}
