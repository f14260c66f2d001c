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

/** Where neck, body and bridge meet. Figures are common practice without a single source. */
enum JointOperation: string implements TradeOperation
{
    case Pocket = 'joint.pocket';
    case Mortise = 'joint.mortise';
    case Tenon = 'joint.tenon';
    case Wings = 'joint.wings';
    case Bridge = 'joint.bridge';
    case Recesses = 'joint.bridge-recess';
    case Screws = 'joint.screws';
    case Inserts = 'joint.inserts';
    case DryFit = 'joint.dry-fit';
    case GlueNeck = 'joint.glue-neck';
    case Dovetail = 'joint.dovetail';
    case GlueTongue = 'joint.glue-tongue';

    public function stage(): Stage
    {
        return Stage::Joint;
    }

    public function view(): BenchView
    {
        return match ($this) {
            self::Bridge, self::Recesses => BenchView::Bridge,
            self::DryFit => BenchView::Whole,
            default => BenchView::Pocket,
        };
    }

    public function entry(): Entry
    {
        return match ($this) {
            self::Pocket => self::pocket(),
            self::Mortise => self::mortise(),
            self::Tenon => self::tenon(),
            self::Wings => self::wings(),
            self::Bridge => self::bridge(),
            self::Recesses => self::recesses(),
            self::Screws => self::screws(),
            self::Inserts => self::inserts(),
            self::DryFit => self::dryFit(),
            self::GlueNeck => self::glueNeck(),
            self::Dovetail => self::dovetail(),
            self::GlueTongue => self::glueTongue(),
        };
    }

    private static function pocket(): Entry
    {
        return new Entry('neck pocket, fitted to its own neck', Skill::Joints, [
            Way::with(Tool::Template, 'by template', 0.3, 1.5, Station::RouterTable, Caution::Machines),
            Way::byHand(0.1, 3, words: 'with chisels', risk: 'Patient work, and the closest fit.'),
            Way::byFile(0.4, 0.75, 'It fits the drawn neck; still to be eased to its own.'),
        ],
            setTo: static fn (Specification $s): array => [
                $s->joinery->heelWidth->mm, $s->joinery->pocketDepth->mm, $s->joinery->neckAngle,
            ],
            gate: new Gate('gap each side, depth, centre line', self::fit(...)),
        );
    }

    private static function mortise(): Entry
    {
        return new Entry('mortise, fitted to its own tenon', Skill::Joints, [
            Way::with(Tool::Template, 'by template', 0.4, 1.75, Station::RouterTable, Caution::Machines),
            Way::byHand(0.1, 3.5, words: 'with chisels', risk: 'Patient work, and the closest fit.'),
        ], gate: new Gate('plane of the board at the saddle line', self::neckSet(...)));
    }

    private static function dovetail(): Entry
    {
        return new Entry('socket, fitted to its own dovetail', Skill::Joints, [
            Way::with(Tool::Template, 'by template', 0.5, 2.5, Station::RouterTable, Caution::Machines),
            Way::byHand(0.1, 4.5, words: 'with chisels', risk: 'Patient work: it has to draw tight and true at once.'),
        ], gate: new Gate('plane of the board at the saddle line', self::neckSet(...)));
    }

    private static function glueTongue(): Entry
    {
        return new Entry('glue the tongue to the top', Skill::Joints, [Way::byHand(0.1, 0.4, caution: Caution::Adhesives)],
            hold: Hold::of(12, HoldKind::Glue, Fixture::JointClamp), oneSitting: true,
        );
    }

    /**
     * Of a flat-top with a glued bridge (F3): a straight edge on the board reaches the saddle line so high over the top.
     *
     * @return list<Target>
     */
    private static function neckSet(Inspector $i): array
    {
        if (! $i->specification->isBox() || ! $i->specification->bridgework->bridge->isGlued()) {
            return [];
        }
        $plane = $i->workings->box()->neckSet()->planeAtSaddle() - $i->specification->board->crownHeight->mm;

        return [$i->around('straight edge on the board, over the top at the saddle line', 'straight edge, rule', $plane, 'neck-set')];
    }

    private static function tenon(): Entry
    {
        return new Entry('cut the tenon', Skill::Necks, [
            Way::with(Tool::Template, 'by template', 0.4, 0.75, Station::RouterTable, Caution::Machines),
            Way::byHand(
                0.1, 1.5, Station::NeckBench, words: 'with saw and chisels',
                risk: 'A shoulder out of square shows at the heel.',
            ),
        ]);
    }

    private static function wings(): Entry
    {
        $way = Way::byHand(0.3, 1.25, caution: Caution::Adhesives);

        return new Entry('glue the wings to the neck', Skill::Joints, [$way],
            hold: Hold::of(24, HoldKind::Glue, Fixture::BodyClamps, 2), oneSitting: true,
            gate: new Gate('centre line', static fn (Inspector $i): array => [self::centreLine($i)]),
        );
    }

    private static function bridge(): Entry
    {
        $way = Way::byHand(0.2, 0.75, Station::DrillPress, Caution::Machines);

        return new Entry('bridge position and holes', Skill::Joints, [$way],
            gate: new Gate('nut to saddle line', self::saddleLine(...)), needs: [PartGroup::Bridge],
            cutFor: [PartGroup::Bridge],
        );
    }

    private static function recesses(): Entry
    {
        return new Entry('a recess for each bridge', Skill::Joints, [
            Way::with(Tool::Template, 'by template', 0.4, 1, Station::RouterTable, Caution::Machines),
            Way::byHand(0.1, 2, words: 'with chisels', risk: 'A floor that is not level tilts its saddle.'),
        ],
            growth: new Growth(Driver::Strings, 30), setTo: static fn (Specification $s): array => [$s->bridgework->singleWidth->mm, $s->bridgework->singleLength->mm, $s->bridgework->bridgeRecess->mm],
            gate: new Gate('depth of each recess', static fn (Inspector $i): array => [$i->around('depth of a recess', 'depth gauge', $i->specification->bridgework->bridgeRecess->mm, 'depth')->at(...$i->strings())]),
            needs: [PartGroup::Bridge], cutFor: [PartGroup::Bridge],
        );
    }

    private static function screws(): Entry
    {
        $way = Way::byHand(0.2, 0.75, Station::DrillPress, Caution::Machines);

        return new Entry('drill and fit the neck screws', Skill::Joints, [$way],
            growth: new Growth(Driver::Fasteners, 50), needs: [PartGroup::NeckScrews],
            usesUp: [PartGroup::NeckScrews],
        );
    }

    private static function inserts(): Entry
    {
        $way = Way::byHand(0.2, 1, Station::DrillPress, Caution::Machines);

        return new Entry('inserts and bolts', Skill::Joints, [$way],
            growth: new Growth(Driver::Fasteners, 50), needs: [PartGroup::NeckScrews],
            usesUp: [PartGroup::NeckScrews],
        );
    }

    private static function dryFit(): Entry
    {
        $way = Way::byHand(0, 1.5, caution: Caution::Tension);

        return new Entry('dry-fit all hardware, two outer strings', Skill::Joints, [$way]);
    }

    private static function glueNeck(): Entry
    {
        $way = Way::byHand(0.2, 1.5, caution: Caution::Adhesives);

        return new Entry('glue the neck in, blend the heel', Skill::Joints, [$way],
            hold: Hold::of(24, HoldKind::Glue, Fixture::JointClamp), oneSitting: true,
        );
    }

    /** @return list<Target> */
    private static function fit(Inspector $inspector): array
    {
        return [
            $inspector->atMost('pocket gap each side', 'feeler', 'pocket-gap')->at(...Target::SIDES),
            $inspector->around('pocket depth', 'depth gauge', $inspector->specification->joinery->pocketDepth, 'depth')->says('pocketDepth'),
            self::centreLine($inspector),
        ];
    }

    private static function centreLine(Inspector $inspector): Target
    {
        $what = 'centre line: difference at both edges and the far end';

        $body = $inspector->workings->body();
        // From the pocket's end to where the far end is measured.
        $apart = $body->outline->along()->to - 26.0 - $body->begins - $inspector->specification->joinery->pocketLength->mm + 4.0;

        return $inspector->atMost($what, 'centring rule, straight edges', 'centre-line')->compared('pocket', 'far end')->stationsApart(max(1.0, $apart));
    }

    /** @return list<Target> where the outer strings end */
    public static function saddleLine(Inspector $inspector): array
    {
        $strings = $inspector->workings->strings();
        $targets = [];
        foreach (['treble' => $strings[0], 'bass' => $strings[count($strings) - 1]] as $side => $string) {
            $what = "nut to saddle line, {$side}";
            $targets[] = $inspector->around($what, 'long rule', $string->saddle->x - $string->nut->x, 'saddle-line');
        }

        return $targets;
    }
}
