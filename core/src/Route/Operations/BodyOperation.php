<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Drawing\Bench\BenchView;
use Regimen\Inspection\Target;
use Regimen\Instrument\Body\BodyOutline;
use Regimen\Instrument\Electrics\Pickup;
use Regimen\Instrument\Specification;
use Regimen\Parts\PartGroup;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Entry\Entry;
use Regimen\Route\Entry\Gate;
use Regimen\Route\Entry\Growth;
use Regimen\Route\Entry\Hands;
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

/** The body, from the glued blank to the last sanding. Figures are common practice without a single source. */
enum BodyOperation: string implements TradeOperation
{
    case Joint = 'body.joint';
    case Thickness = 'body.thickness';
    case Layers = 'body.layers';
    case Chambers = 'body.chambers';
    case Paths = 'body.paths';
    case GlueLayers = 'body.glue-layers';
    case Outline = 'body.outline';
    case Cavities = 'body.cavities';
    case Wiring = 'body.wiring';
    case Binding = 'body.binding';
    case Edges = 'body.edges';
    case Sand = 'body.sand';

    public function stage(): Stage
    {
        return Stage::Body;
    }

    public function view(): BenchView
    {
        return match ($this) {
            self::Joint, self::Thickness, self::Layers, self::GlueLayers => BenchView::BodyBlank,
            self::Cavities, self::Chambers, self::Paths, self::Wiring => BenchView::Cavities,
            self::Binding, self::Edges => BenchView::Edges,
            default => BenchView::BodyOutline,
        };
    }

    public function entry(): Entry
    {
        return match ($this) {
            self::Joint => self::joint(),
            self::Thickness => self::thickness(),
            self::Layers => self::layers(),
            self::Chambers => self::chambers(),
            self::Paths => self::paths(),
            self::GlueLayers => self::glueLayers(),
            self::Outline => self::outline(),
            self::Cavities => self::cavities(),
            self::Wiring => self::wiring(),
            self::Binding => self::binding(),
            self::Edges => self::edges(),
            self::Sand => self::sand(),
        };
    }

    private static function joint(): Entry
    {
        $way = Way::byHand(0.3, 1, Station::SawAndPlaner, Caution::Machines);

        return new Entry('joint and glue the body halves', Skill::Bodies, [$way],
            hold: Hold::of(24, HoldKind::Glue, Fixture::BodyClamps), oneSitting: true, cautions: [Caution::Lifting],
            cutInto: [PartGroup::BodyTimber],
        );
    }

    private static function thickness(): Entry
    {
        return new Entry('body blank to thickness', Skill::Bodies, [
            Way::with(Tool::Machine, 'on the planer', 0.3, 0.75, Station::SawAndPlaner, Caution::Machines),
            Way::byHand(0.1, 2, words: 'with planes', risk: 'A wide face is hard to keep flat.'),
        ],
            setTo: static fn (Specification $s): array => [$s->bodyThickness()->mm], cutInto: [PartGroup::BodyTimber],
            usesUp: [PartGroup::BodyTimber],
        );
    }

    private static function layers(): Entry
    {
        $way = Way::byHand(0.4, 1.25, Station::SawAndPlaner, Caution::Machines);

        return new Entry('resaw, bookmatch and glue the upper layers', Skill::Bodies, [$way],
            hold: Hold::of(12, HoldKind::Glue, Fixture::BodyClamps), oneSitting: true,
            growth: new Growth(Driver::Layers, 30), cutInto: [PartGroup::BodyTimber],
        );
    }

    private static function chambers(): Entry
    {
        return new Entry('rout the chambers', Skill::Bodies, [
            Way::with(Tool::Template, 'by template', 0.3, 2, Station::RouterTable, Caution::Machines),
            Way::byFile(0.5, 0.4, 'A blank set the wrong way round is a mirrored body.', alone: 0.5),
        ]);
    }

    private static function paths(): Entry
    {
        $way = Way::byHand(0.2, 0.75, Station::DrillPress, Caution::Machines);

        return new Entry('wire paths and grounding inside', Skill::Bodies, [$way]);
    }

    private static function glueLayers(): Entry
    {
        return new Entry('glue the layers on', Skill::Bodies, [Way::byHand(0.2, 0.75, caution: Caution::Adhesives)],
            hold: Hold::of(24, HoldKind::Glue, Fixture::BodyClamps, 2), oneSitting: true,
            growth: new Growth(Driver::Layers, 50), hands: Hands::of(20 / 60),
        );
    }

    private static function outline(): Entry
    {
        return new Entry('body outline', Skill::Bodies, [
            Way::with(Tool::Template, 'by template', 0.4, 1.5, Station::RouterTable, Caution::Machines),
            Way::byHand(
                0.1, 3, caution: Caution::Dust, words: 'with spokeshave and files',
                risk: 'No two are quite the same.',
            ),
            Way::byFile(0.5, 0.3, 'Tear-out at the horns where the cutter meets end grain.', alone: 0.3),
        ],
            setTo: static fn (Specification $s): array => self::template($s),
        );
    }

    private static function cavities(): Entry
    {
        return new Entry('pickup and control cavities', Skill::Bodies, [
            Way::with(Tool::Template, 'by template', 0.4, 1.5, Station::RouterTable, Caution::Machines),
            Way::byHand(
                0.1, 3, Station::DrillPress, Caution::Machines, 'with drill and chisel',
                'Walls are uneven where no cover hides them.',
            ),
            Way::byFile(0.4, 0.3, 'The body has to be set to its own centre line.', alone: 0.3),
        ],
            growth: new Growth(Driver::Cavities, 30),
            setTo: static fn (Specification $s): array => [
                ...self::template($s),
                ...array_map(static fn (Pickup $pickup): string => $pickup->kind->value, $s->electrics->pickups),
            ],
            gate: new Gate('depths, and what is left', self::depths(...)),
            cutFor: [PartGroup::Pickups, PartGroup::Electronics],
        );
    }

    private static function wiring(): Entry
    {
        $way = Way::byHand(0.2, 0.75, Station::DrillPress, Caution::Machines);

        return new Entry('wiring channels and jack', Skill::Bodies, [$way]);
    }

    private static function binding(): Entry
    {
        return new Entry('bind the body: ledge, dry fit, bond', Skill::Bodies, [
            Way::with(Tool::Template, 'at the router table', 0.3, 2.5, Station::RouterTable, Caution::Binding),
            Way::byHand(
                0.1, 4, caution: Caution::Binding, words: 'with gramil and chisel',
                risk: 'A ledge of uneven depth shows as an uneven line.',
            ),
        ],
            hold: Hold::of(18, HoldKind::Glue), oneSitting: true, growth: new Growth(Driver::BodyBinding, 40),
            needs: [PartGroup::Binding],
        );
    }

    private static function edges(): Entry
    {
        return new Entry('edges, belly, forearm', Skill::Bodies, [
            Way::with(Tool::Template, 'with the router', 0.2, 1.5, caution: Caution::Dust),
            Way::byHand(
                0, 2.75, caution: Caution::Dust, words: 'with rasps and files',
                risk: 'Roundings differ from side to side.',
            ),
        ]);
    }

    private static function sand(): Entry
    {
        $way = Way::byHand(0, 3, caution: Caution::Dust)->between(2, 5);

        return new Entry('sand the body 80 to 220', Skill::Bodies, [$way]);
    }

    /**
     * Another outline, another size or the other hand is another template.
     *
     * @return list<float|string>
     */
    private static function template(Specification $s): array
    {
        $body = $s->bodywork;
        $drawn = $body->outline === BodyOutline::Imported ? substr(hash('sha256', $body->outlineSvg), 0, 12) : '';

        return [$body->outline->value.$drawn, $body->bodyWidth->mm, $s->brief->hand->value];
    }

    /** @return list<Target> */
    private static function depths(Inspector $inspector): array
    {
        $s = $inspector->specification;
        $targets = $places = [];
        foreach ($s->electrics->pickups as $index => $pickup) {
            $what = "pickup cavity, {$pickup->place}";
            $targets[] = $inspector->around($what, 'depth gauge', $pickup->depth, 'depth')->says("pickups.{$index}.depth");
            $places[] = $what;
        }
        foreach ($s->bodywork->cavities as $index => $cavity) {
            $what = "cavity for {$cavity->kind->words()}";
            $targets[] = $inspector->around($what, 'depth gauge', $cavity->depth, 'depth')->says("cavities.{$index}.depth");
            $places[] = $what;
        }

        $left = $inspector->atLeast('timber left under each', 'depth gauge', 'timber-left');

        return [...$targets, $places === [] ? $left : $left->at(...$places)];
    }
}
