<?php

declare(strict_types=1);

namespace Regimen\Inspection;

use Regimen\Electronics\SwitchPosition;
use Regimen\Electronics\TapPosition;
use Regimen\Electronics\TapTest;
use Regimen\Figures\Workings;
use Regimen\Instrument\Pickup;

/** What is measured at the end of an operation: targets from the specification, within the tolerances of the house. */
final readonly class GateBook
{
    private function __construct(private Workings $workings, private Tolerances $tolerances)
    {
    }

    public static function of(Workings $workings, Tolerances $tolerances): self
    {
        return new self($workings, $tolerances);
    }

    /**
     * @param  string  $operation  key on the route
     * @return list<Target> empty where the operation ends without a gate
     */
    public function after(string $operation): array
    {
        $t = $this->tolerances->value(...);
        $s = $this->workings->specification;

        return match ($operation) {
            'parts.measure' => [Target::seen('every part', 'caliper, meter', 'against the drawing; write down what differs')],
            'parts.timber' => [Target::around('moisture', 'moisture meter', round($this->workings->balance(), 1), $t('moisture'), '%')],
            'neck.square', 'neck.recheck' => [Target::atMost('bow and twist', 'straight edge, winding sticks', $t('blank'))],
            'neck.channel' => [
                Target::atMost('off the centre line', 'caliper from both edges', $t('channel-centre')),
                Target::around('depth of the channel', 'depth gauge', $s->neck->rodDepth->mm, $t('channel-deeper')),
            ],
            'neck.headstock-thickness' => [$this->headstock()],
            'neck.outline' => $this->widths(),
            'fretboard.slots' => [Target::around('nut to twelfth fret', 'long rule', $s->board->scale->mm / 2, $t('half-scale'))],
            'fretboard.radius' => [Target::atMost('light under the gauge', 'radius gauge '.$s->board->radius->inMillimetres(0), $t('radius-light'))],
            'fretboard.fret', 'set-up.frets' => [Target::atMost('a fret rocks', 'rocker', $t('rock'))],
            'neck.carve' => $this->carve(),
            'joint.pocket', 'joint.wings' => $this->joint($operation === 'joint.pocket'),
            'joint.bridge' => $this->bridge(),
            'body.cavities' => $this->cavities(),
            'electronics.install' => $this->electronics(),
            'set-up.nut' => $this->nut(),
            'set-up.string' => $this->setUp(),
            'delivery.inspect' => [...$this->setUp(), ...$this->weight(), Target::seen('everything that was promised', 'the client’s wishes', 'one by one')],
            default => match (true) {
                str_starts_with($operation, 'parts.measure.') => [Target::seen('the part', 'caliper, meter', 'against the drawing; write down what differs')],
                str_starts_with($operation, 'parts.timber.') => $this->after('parts.timber'),
                default => [],
            },
        };
    }

    /** @return list<Target> */
    private function widths(): array
    {
        $s = $this->workings->specification;
        $width = $this->tolerances->value('width');

        return [
            Target::around('width at the nut', 'caliper', $s->board->nutWidth->mm, $width),
            Target::around('width at the heel', 'caliper', $s->joinery->heelWidth->mm, $width),
        ];
    }

    /** @return list<Target> */
    private function carve(): array
    {
        $neck = $this->workings->specification->neck;
        $thickness = $this->tolerances->value('thickness');

        return [
            Target::around('thickness at the first fret, board included', 'caliper', $neck->thicknessFirst->mm, $thickness),
            Target::around('thickness at the twelfth', 'caliper', $neck->thicknessTwelfth->mm, $thickness),
            ...$neck->rodLength->mm > 0 ? [Target::atLeast('timber under the channel, computed and felt', 'caliper', $this->tolerances->value('timber-left'))] : [],
        ];
    }

    /** As drawn, within what the house and the tuners take. */
    private function headstock(): Target
    {
        $head = $this->workings->specification->head;
        $low = max($head->tunerLeast->mm, min($this->tolerances->value('headstock-least'), $head->headThickness->mm));
        $high = min($head->tunerMost->mm, max($this->tolerances->value('headstock-most'), $head->headThickness->mm));

        return Target::between('headstock thickness', 'caliper', min($low, $high), max($low, $high));
    }

    /**
     * What a feeler reads over the first fret when the strings stand as high at the twelfth as they should (G15).
     *
     * @return list<Target>
     */
    private function nut(): array
    {
        $s = $this->workings->specification;
        $over = fn (string $side, float $action): Target => Target::around("string over the first fret, {$side}", 'feeler', $this->workings->bridge()->overFirstFret($action), $this->tolerances->value('nut'));

        return $s->board->zeroFret ? [] : [$over('treble', $s->brief->actionTreble->mm), $over('bass', $s->brief->actionBass->mm)];
    }

    /** @return list<Target> */
    private function joint(bool $pocket): array
    {
        $s = $this->workings->specification;
        $centre = Target::atMost('centre line: difference at both edges and the far end', 'centring rule, straight edges', $this->tolerances->value('centre-line'));

        return $pocket ? [
            Target::atMost('pocket gap each side', 'feeler', $this->tolerances->value('pocket-gap')),
            Target::around('pocket depth', 'depth gauge', $s->joinery->pocketDepth->mm, $this->tolerances->value('depth')),
            $centre,
        ] : [$centre];
    }

    /** @return list<Target> */
    private function bridge(): array
    {
        $s = $this->workings->specification;
        $last = $s->brief->strings - 1;

        return [
            Target::around('nut to saddle line, treble', 'long rule', $this->workings->scaleLine()->saddleAt(0), $this->tolerances->value('saddle-line')),
            Target::around('nut to saddle line, bass', 'long rule', $this->workings->scaleLine()->saddleAt($last), $this->tolerances->value('saddle-line')),
        ];
    }

    /** @return list<Target> */
    private function cavities(): array
    {
        $s = $this->workings->specification;
        $depth = $this->tolerances->value('depth');
        $targets = [];
        foreach ($s->electrics->pickups as $pickup) {
            $targets[] = Target::around("pickup cavity, {$pickup->place}", 'depth gauge', $pickup->depth->mm, $depth);
        }
        foreach ($s->bodywork->cavities as $cavity) {
            $targets[] = Target::around("cavity for {$cavity->kind->words()}", 'depth gauge', $cavity->depth->mm, $depth);
        }

        return [...$targets, Target::atLeast('timber left under each', 'depth gauge', $this->tolerances->value('timber-left'))];
    }

    /** @return list<Target> */
    private function electronics(): array
    {
        $electrics = $this->workings->specification->electrics;
        $percent = $this->tolerances->value('resistance');

        return [
            ...array_map(
                static fn (Pickup $pickup): Target => Target::resistance("resistance, {$pickup->place}", 'meter', (float) $pickup->resistance, $percent),
                array_values(array_filter($electrics->pickups, static fn (Pickup $pickup): bool => $pickup->resistance !== null)),
            ),
            ...array_map(
                static fn (SwitchPosition $position, int $index): Target => Target::seen('tap test, position '.($index + 1), 'screwdriver', $position->inWords().' and no other'),
                $electrics->switch, array_keys($electrics->switch),
            ),
            ...array_map(
                static fn (TapPosition $test): Target => Target::resistance("at the jack, position {$test->number}", 'meter, volume full up', (float) $test->atJack, $percent),
                array_values(array_filter(TapTest::of($this->workings->specification), static fn (TapPosition $test): bool => $test->atJack !== null)),
            ),
            ...$electrics->switch === [] ? [Target::seen('tap test at every switch position', 'screwdriver', 'the expected pickups and no others')] : [],
        ];
    }

    /** @return list<Target> */
    private function setUp(): array
    {
        $brief = $this->workings->specification->brief;
        $action = $this->tolerances->value('action');

        return [
            Target::between('relief', 'straight edge, feeler', min($brief->relief->mm, $this->tolerances->value('relief-least')), max($brief->relief->mm, $this->tolerances->value('relief-most'))),
            Target::around('action at the twelfth, treble', 'rule', $brief->actionTreble->mm, $action),
            Target::around('action at the twelfth, bass', 'rule', $brief->actionBass->mm, $action),
            Target::around('intonation, open against twelfth', 'tuner', 0.0, $this->tolerances->value('intonation'), 'cents'),
        ];
    }

    /** @return list<Target> */
    private function weight(): array
    {
        $promised = $this->workings->specification->brief->targetWeight;

        return $promised === null ? [Target::seen('weight', 'scale', 'write it down')] : [Target::atMost('weight', 'scale', round($promised * (1 + $this->tolerances->value('weight') / 100)), 'g')];
    }
}
