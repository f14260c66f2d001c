<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Drawing\Bench\BenchView;
use Regimen\Inspection\Target;
use Regimen\Parts\PartGroup;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Entry\Entry;
use Regimen\Route\Entry\Gate;
use Regimen\Route\Entry\Growth;
use Regimen\Route\Entry\Hold;
use Regimen\Route\Entry\Inspector;
use Regimen\Route\Entry\TradeOperation;
use Regimen\Route\Entry\Way;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Driver;
use Regimen\Route\Standards\Fixture;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;
use Regimen\Route\Standards\Station;

/** From the first screw on cured finish to the hand-over. Figures are common practice without a single source. */
enum AssemblyOperation: string implements TradeOperation
{
    case Hardware = 'assembly.hardware';
    case LevelFrets = 'set-up.frets';
    case Nut = 'set-up.nut';
    case Guide = 'set-up.guide';
    case StringUp = 'set-up.string';
    case Inspect = 'delivery.inspect';
    case Pack = 'delivery.pack';

    public function stage(): Stage
    {
        return match ($this) {
            self::Hardware => Stage::Assembly,
            self::LevelFrets, self::Nut, self::Guide, self::StringUp => Stage::SetUp,
            self::Inspect, self::Pack => Stage::Delivery,
        };
    }

    public function view(): BenchView
    {
        return match ($this) {
            self::LevelFrets => BenchView::Frets,
            self::Nut, self::Guide => BenchView::Nut,
            self::StringUp, self::Inspect => BenchView::Strings,
            default => BenchView::Whole,
        };
    }

    public function entry(): Entry
    {
        return match ($this) {
            self::Hardware => self::hardware(),
            self::LevelFrets => self::levelFrets(),
            self::Nut => self::nut(),
            self::Guide => self::guide(),
            self::StringUp => self::stringUp(),
            self::Inspect => self::inspect(),
            self::Pack => self::pack(),
        };
    }

    private static function hardware(): Entry
    {
        return new Entry('hardware, tuners, covers', Skill::SetUp, [Way::byHand(0, 1.5)],
            needs: [PartGroup::Tuners, PartGroup::Bridge, PartGroup::StrapButtons],
            usesUp: [PartGroup::Tuners, PartGroup::Bridge, PartGroup::StrapButtons],
        );
    }

    private static function levelFrets(): Entry
    {
        $way = Way::byHand(0.2, 3, Station::SetUpBench, Caution::Dust);

        return new Entry('level, crown, polish frets', Skill::SetUp, [$way],
            growth: new Growth(Driver::Frets, 30),
            gate: new Gate(
                'no fret rocks',
                static fn (Inspector $i): array => [$i->atMost('a fret rocks', 'rocker', 'rock')],
            ),
        );
    }

    private static function nut(): Entry
    {
        return new Entry('nut', Skill::SetUp, [Way::byHand(0, 1.5, Station::SetUpBench, Caution::Dust)],
            growth: new Growth(Driver::Strings, 40),
            gate: new Gate('strings over the first fret', self::overFirstFret(...)), needs: [PartGroup::Nut],
            usesUp: [PartGroup::Nut],
        );
    }

    private static function guide(): Entry
    {
        $way = Way::byHand(0, 1.5, Station::SetUpBench, Caution::Dust);

        return new Entry('zero fret and string guide', Skill::SetUp, [$way],
            growth: new Growth(Driver::Strings, 40),
        );
    }

    private static function stringUp(): Entry
    {
        $way = Way::byHand(0, 1.5, Station::SetUpBench, Caution::Tension);

        return new Entry('string: relief, action, intonation, pickups', Skill::SetUp, [$way],
            hold: Hold::of(48, HoldKind::Tension, Fixture::SettlingRack), growth: new Growth(Driver::Strings, 50),
            gate: new Gate('relief, action, intonation', self::action(...)), needs: [PartGroup::Strings],
            usesUp: [PartGroup::Strings],
        );
    }

    private static function inspect(): Entry
    {
        $way = Way::byHand(0, 1.25, Station::SetUpBench, Caution::Tension);

        return new Entry('second set-up, inspection, photographs, weight', Skill::SetUp, [$way],
            gate: new Gate('everything that was promised, and the weight', self::promised(...)),
        );
    }

    private static function pack(): Entry
    {
        return new Entry('pack or hand over', Skill::SetUp, [Way::byHand(0, 0.5)], usesUp: [PartGroup::Consumables]);
    }

    /**
     * What a feeler reads over the first fret when the strings stand as high at the twelfth as they should (G15).
     *
     * @return list<Target>
     */
    private static function overFirstFret(Inspector $inspector): array
    {
        $s = $inspector->specification;
        $targets = [];
        $sides = ['treble' => $s->brief->actionTreble, 'bass' => $s->brief->actionBass];
        foreach ($s->board->zeroFret ? [] : $sides as $side => $action) {
            $height = $inspector->workings->bridge()->overFirstFret($action->mm)->value;
            $targets[] = $inspector->around("string over the first fret, {$side}", 'feeler', $height, 'nut');
        }

        return $targets;
    }

    /** @return list<Target> */
    private static function action(Inspector $inspector): array
    {
        $brief = $inspector->specification->brief;
        $least = min($brief->relief->mm, $inspector->tolerance('relief-least'));
        $most = max($brief->relief->mm, $inspector->tolerance('relief-most'));

        return [
            Target::between('relief', 'straight edge, feeler', $least, $most),
            $inspector->around('action at the twelfth, treble', 'rule', $brief->actionTreble, 'action'),
            $inspector->around('action at the twelfth, bass', 'rule', $brief->actionBass, 'action'),
            $inspector->around('intonation, open against twelfth', 'tuner', 0.0, 'intonation', 'cents')->at(...$inspector->strings()),
        ];
    }

    /** @return list<Target> */
    private static function promised(Inspector $inspector): array
    {
        return [
            ...self::action($inspector),
            self::weight($inspector),
            Target::seen('everything that was promised', 'the client’s wishes', 'one by one'),
        ];
    }

    private static function weight(Inspector $inspector): Target
    {
        $promised = $inspector->specification->brief->targetWeight;
        if ($promised === null) {
            return Target::recorded('weight', 'scale', 'g');
        }

        return Target::atMost('weight', 'scale', round($promised * (1 + $inspector->tolerance('weight') / 100)), 'g');
    }
}
