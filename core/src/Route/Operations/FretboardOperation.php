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

/** The fretboard, on its own and on the neck, with its frets. Figures are common practice without a single source. */
enum FretboardOperation: string implements TradeOperation
{
    case Thickness = 'fretboard.thickness';
    case Slots = 'fretboard.slots';
    case Taper = 'fretboard.taper';
    case Markers = 'fretboard.markers';
    case Binding = 'fretboard.binding';
    case Glue = 'fretboard.glue';
    case SideMarkers = 'fretboard.side-markers';
    case Radius = 'fretboard.radius';
    case Sand = 'fretboard.sand';
    case Oil = 'fretboard.oil';
    case Fret = 'fretboard.fret';

    public function stage(): Stage
    {
        return Stage::Fretboard;
    }

    public function view(): BenchView
    {
        return match ($this) {
            self::Thickness => BenchView::BoardThickness,
            self::Slots => BenchView::Slots,
            self::Taper, self::Binding, self::Glue => BenchView::Taper,
            self::Markers, self::SideMarkers => BenchView::Markers,
            self::Fret => BenchView::Frets,
            default => BenchView::Radius,
        };
    }

    public function entry(): Entry
    {
        return match ($this) {
            self::Thickness => self::thickness(),
            self::Slots => self::slots(),
            self::Taper => self::taper(),
            self::Markers => self::markers(),
            self::Binding => self::binding(),
            self::Glue => self::glue(),
            self::SideMarkers => self::sideMarkers(),
            self::Radius => self::radius(),
            self::Sand => self::sand(),
            self::Oil => self::oil(),
            self::Fret => self::fret(),
        };
    }

    private static function thickness(): Entry
    {
        return new Entry('fretboard to thickness', Skill::Frets, [
            Way::with(Tool::Machine, 'on the planer', 0.3, 0.5, Station::SawAndPlaner, Caution::Machines),
            Way::byHand(
                0.1, 1.25, Station::FretBench, words: 'with planes',
                risk: 'Dense board timber tears easily.',
            ),
        ],
            setTo: static fn (Specification $s): array => [$s->board->boardThickness->mm],
            cutInto: [PartGroup::FretboardTimber], usesUp: [PartGroup::FretboardTimber],
        );
    }

    private static function slots(): Entry
    {
        return new Entry('fret slots', Skill::Frets, [
            Way::with(Tool::Template, 'by template', 0.3, 0.75, Station::SawAndPlaner, Caution::Machines),
            Way::byHand(
                0.1, 1.75, Station::FretBench, words: 'with saw and mitre box',
                risk: 'Each slot is a chance to slip.',
            ),
            Way::byFile(0.4, 0.25, 'Thin cutters break; the slot is then filled and cut again.'),
        ],
            growth: new Growth(Driver::Frets, 25),
            setTo: static fn (Specification $s): array => [
                $s->board->scale->mm, $s->middleScale()->mm, $s->fan() === null ? 0 : $s->board->squareFret, $s->board->slotWidth->mm, $s->board->slotDepth->mm,
            ],
            gate: new Gate('nut to twelfth fret', self::halfScale(...)),
        );
    }

    /**
     * Where each side has a scale of its own, along each of them.
     *
     * @return list<Target>
     */
    private static function halfScale(Inspector $i): array
    {
        $board = $i->specification->board;

        return $i->specification->fan() === null || $board->scaleTreble === null
            ? [$i->around('nut to twelfth fret', 'long rule', $i->specification->middleScale()->mm / 2, 'half-scale')]
            : [
                $i->around('nut to twelfth fret, treble string', 'long rule', $board->scaleTreble->mm / 2, 'half-scale'),
                $i->around('nut to twelfth fret, bass string', 'long rule', $board->scale->mm / 2, 'half-scale'),
            ];
    }

    private static function taper(): Entry
    {
        return new Entry('taper and end of the board', Skill::Frets, [
            Way::with(Tool::Template, 'by template', 0.2, 0.5, Station::RouterTable, Caution::Machines),
            Way::byHand(
                0.1, 0.9, Station::FretBench, words: 'with planes',
                risk: 'The edges are as straight as the shooting board.',
            ),
            Way::byFile(0.3, 0.2, 'Set to a wrong centre line, every slot stands askew.'),
        ],
            setTo: static fn (Specification $s): array => [$s->board->nutWidth->mm, $s->board->lastWidth->mm],
        );
    }

    private static function markers(): Entry
    {
        return new Entry('face markers', Skill::Frets, [
            Way::byHand(0.2, 1.25, Station::FretBench, Caution::Adhesives, 'by hand'),
            Way::byFile(0.4, 0.6, 'Pockets are as deep as the file says, not as the marker is.'),
        ],
            hold: Hold::of(12, HoldKind::Glue), oneSitting: true, growth: new Growth(Driver::Markers, 30),
            cautions: [Caution::Shell],
        );
    }

    private static function binding(): Entry
    {
        $way = Way::byHand(0.2, 1.5, Station::FretBench, Caution::Binding);

        return new Entry('bind the fretboard', Skill::Frets, [$way],
            hold: Hold::of(12, HoldKind::Glue), oneSitting: true, growth: new Growth(Driver::BoardBinding, 40),
            needs: [PartGroup::Binding],
        );
    }

    private static function glue(): Entry
    {
        $way = Way::byHand(0.2, 0.75, Station::NeckBench, Caution::Adhesives);

        return new Entry('glue the fretboard to the neck', Skill::Frets, [$way],
            hold: Hold::of(24, HoldKind::Glue, Fixture::FlatBeam), oneSitting: true,
        );
    }

    private static function sideMarkers(): Entry
    {
        $way = Way::byHand(0.2, 0.75, Station::FretBench, Caution::Adhesives);

        return new Entry('side markers', Skill::Frets, [$way]);
    }

    private static function radius(): Entry
    {
        return new Entry('radius the board', Skill::Frets, [
            Way::byHand(0.3, 4, Station::FretBench, Caution::Dust, 'by block')->between(3, 8),
            Way::with(
                Tool::Template, 'by jig', 0.5, 1, Station::RouterTable, Caution::Machines,
                'The jig’s dip is copied into every board.',
            ),
            Way::byFile(0.4, 1, 'Cutter marks still have to be sanded out.'),
        ],
            growth: new Growth(Driver::BoardWidth, 40),
            setTo: static fn (Specification $s): array => [$s->board->radius->mm, $s->board->radiusEnd->mm],
            gate: new Gate('light under the radius gauge', static fn (Inspector $i): array => [
                $i->atMost(
                    'light under the gauge', 'radius gauge '.$i->specification->board->radius->inMillimetres(0),
                    'radius-light',
                )->at('first', 'twelfth', 'last'),
            ]),
        );
    }

    private static function sand(): Entry
    {
        return new Entry('sand the board fine', Skill::Frets, [Way::byHand(0, 0.75, caution: Caution::Dust)]);
    }

    private static function oil(): Entry
    {
        return new Entry('oil the board', Skill::Frets, [Way::byHand(0, 0.3, caution: Caution::OilyRags)],
            hold: Hold::of(12, HoldKind::Finish), needs: [PartGroup::Finish],
        );
    }

    private static function fret(): Entry
    {
        return new Entry('fret, trim and bevel the ends', Skill::Frets, [
            Way::with(Tool::Machine, 'pressed', 0.3, 2.5, Station::FretBench)->between(2, 4.5),
            Way::byHand(
                0.1, 3.5, Station::FretBench, words: 'hammered',
                risk: 'Uneven blows leave uneven frets.',
            ),
        ],
            growth: new Growth(Driver::Frets, 20),
            setTo: static fn (Specification $s): array => [$s->board->crownWidth->mm, $s->board->tangDepth->mm],
            gate: new Gate(
                'no fret rocks',
                static fn (Inspector $i): array => [$i->atMost('a fret rocks', 'rocker', 'rock')],
            ),
            needs: [PartGroup::FretWire], usesUp: [PartGroup::FretWire],
        );
    }
}
