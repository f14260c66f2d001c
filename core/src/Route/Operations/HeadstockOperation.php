<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Drawing\Bench\BenchView;
use Regimen\Inspection\Target;
use Regimen\Instrument\Specification;
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
use Regimen\Route\Standards\Tool;

/**
 * The headstock: how it gets its angle, its width, its thickness and its holes. Figures are common practice without a
 * single source.
 */
enum HeadstockOperation: string implements TradeOperation
{
    case Construct = 'neck.headstock';
    case SawAngle = 'neck.headstock-angle';
    case StepDown = 'neck.headstock-step';
    case Wings = 'neck.wings';
    case Veneer = 'neck.veneer';
    case Thickness = 'neck.headstock-thickness';
    case TunerHoles = 'neck.tuner-holes';
    case SideHoles = 'neck.side-tuner-holes';
    case Headpiece = 'neck.headpiece';

    public function stage(): Stage
    {
        return Stage::Neck;
    }

    public function view(): BenchView
    {
        return match ($this) {
            self::TunerHoles, self::SideHoles, self::Headpiece => BenchView::TunerHoles,
            default => BenchView::Head,
        };
    }

    public function entry(): Entry
    {
        return match ($this) {
            self::Construct => self::construct(),
            self::SawAngle => self::sawAngle(),
            self::StepDown => self::stepDown(),
            self::Wings => self::wings(),
            self::Veneer => self::veneer(),
            self::Thickness => self::thickness(),
            self::TunerHoles => self::tunerHoles(),
            self::SideHoles => self::sideHoles(),
            self::Headpiece => self::headpiece(),
        };
    }

    private static function construct(): Entry
    {
        $way = Way::byHand(0.3, 1.25, Station::NeckBench, Caution::Adhesives);

        return new Entry('headstock angle and scarf', Skill::Necks, [$way],
            hold: Hold::of(12, HoldKind::Glue, Fixture::HeadstockClamps), oneSitting: true,
        );
    }

    private static function sawAngle(): Entry
    {
        $way = Way::byHand(0.3, 0.75, Station::SawAndPlaner, Caution::Machines);

        return new Entry('saw the headstock’s angle', Skill::Necks, [$way]);
    }

    private static function stepDown(): Entry
    {
        $way = Way::byHand(0.3, 0.5, Station::SawAndPlaner, Caution::Machines);

        return new Entry('step the headstock down', Skill::Necks, [$way]);
    }

    private static function wings(): Entry
    {
        $way = Way::byHand(0.2, 0.75, Station::NeckBench, Caution::Adhesives);

        return new Entry('headstock wings', Skill::Necks, [$way],
            hold: Hold::of(12, HoldKind::Glue, Fixture::HeadstockClamps), oneSitting: true,
        );
    }

    private static function veneer(): Entry
    {
        $way = Way::byHand(0.2, 0.5, Station::NeckBench, Caution::Adhesives);

        return new Entry('headstock veneer', Skill::Necks, [$way],
            hold: Hold::of(12, HoldKind::Glue, Fixture::HeadstockClamps), oneSitting: true,
        );
    }

    private static function thickness(): Entry
    {
        return new Entry('headstock to thickness', Skill::Necks, [
            Way::with(Tool::Machine, 'on the planer', 0.3, 0.5, Station::SawAndPlaner, Caution::Machines),
            Way::byHand(
                0.1, 1.25, Station::NeckBench, words: 'with planes',
                risk: 'The face is easily out of square.',
            ),
        ],
            setTo: static fn (Specification $s): array => [$s->head->headThickness->mm],
            gate: new Gate('headstock thickness', self::thicknessRange(...)),
        );
    }

    private static function tunerHoles(): Entry
    {
        return new Entry('tuner holes', Skill::Necks, [
            Way::with(Tool::Template, 'by template', 0.2, 0.5, Station::DrillPress, Caution::Machines),
            Way::byHand(
                0.1, 0.9, Station::NeckBench, words: 'with a hand drill',
                risk: 'Uneven holes are plugged and drilled again.',
            ),
            Way::byFile(0.3, 0.2, 'Holes are as right as the file.'),
        ],
            growth: new Growth(Driver::Strings, 30),
            setTo: static fn (Specification $s): array => [$s->head->tunerHole->mm], needs: [PartGroup::Tuners],
            cutFor: [PartGroup::Tuners],
        );
    }

    private static function sideHoles(): Entry
    {
        return new Entry('tuner holes through the side', Skill::Necks, [Way::byHand(0.3, 1.25, Station::DrillPress, Caution::Machines)],
            growth: new Growth(Driver::Strings, 25),
            setTo: static fn (Specification $s): array => [$s->head->tunerHole->mm, $s->head->headThickness->mm], needs: [PartGroup::Tuners],
            cutFor: [PartGroup::Tuners],
        );
    }

    private static function headpiece(): Entry
    {
        return new Entry('end of the neck, drilled for its headpiece', Skill::Necks, [Way::byHand(0.2, 0.75, Station::DrillPress, Caution::Machines)],
            growth: new Growth(Driver::Strings, 60), needs: [PartGroup::Tuners], cutFor: [PartGroup::Tuners],
        );
    }

    /**
     * As drawn, within what the house and the tuners take.
     *
     * @return list<Target>
     */
    private static function thicknessRange(Inspector $inspector): array
    {
        $head = $inspector->specification->head;
        $drawn = $head->headThickness->mm;
        $low = max($head->tunerLeast->mm, min($inspector->tolerance('headstock-least'), $drawn));
        $high = min($head->tunerMost->mm, max($inspector->tolerance('headstock-most'), $drawn));

        return [Target::between('headstock thickness', 'caliper', min($low, $high), max($low, $high))->at('nut end', 'far end')->says('headThickness')];
    }
}
