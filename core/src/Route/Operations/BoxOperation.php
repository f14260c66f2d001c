<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Drawing\Bench\BenchView;
use Regimen\Parts\PartGroup;
use Regimen\Route\Air\BoxAir;
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

/** The box of a flat-top, from the joined plates to the saddle. Figures are common practice without a single source (TRADE section 12). */
enum BoxOperation: string implements TradeOperation
{
    case Top = 'body.top';
    case Rosette = 'body.rosette';
    case BraceTop = 'body.brace-top';
    case Back = 'body.back';
    case BraceBack = 'body.brace-back';
    case BendSides = 'body.bend';
    case Blocks = 'body.blocks';
    case Linings = 'body.linings';
    case LookInside = 'body.look-inside';
    case CloseBack = 'body.close-back';
    case CloseTop = 'body.close-top';
    case Trim = 'body.trim';
    case Bind = 'body.bind';
    case Sand = 'body.scrape';
    case GlueBridge = 'assembly.bridge';
    case Saddle = 'assembly.saddle';

    public function stage(): Stage
    {
        return match ($this) {
            self::GlueBridge, self::Saddle => Stage::Assembly,
            default => Stage::Body,
        };
    }

    public function view(): BenchView
    {
        return match ($this) {
            self::GlueBridge, self::Saddle => BenchView::Bridge,
            self::Trim, self::Bind => BenchView::Edges,
            self::Rosette, self::BraceTop, self::LookInside, self::CloseTop => BenchView::Bracing,
            self::BendSides, self::Blocks, self::Linings => BenchView::Sides,
            default => BenchView::BodyOutline,
        };
    }

    public function entry(): Entry
    {
        return match ($this) {
            self::Top => self::plate('join the top and bring it to thickness', 0),
            self::Rosette => new Entry('inlay the rosette, cut the sound hole', Skill::Bodies, [Way::byHand(0.2, 2, caution: Caution::Dust)], hold: Hold::of(12, HoldKind::Glue), oneSitting: true),
            self::BraceTop => self::brace('brace the top and tune it by its stiffness', 5, true),
            self::Back => self::plate('join the back and bring it to thickness', 1),
            self::BraceBack => self::brace('brace the back', 3, false),
            self::BendSides => new Entry('bend the sides', Skill::Bodies, [
                Way::byHand(0.3, 2, caution: Caution::HotIron, words: 'on the hot iron'),
                Way::with(Tool::Template, 'over the bending form', 0.5, 1, Station::BendingForm, Caution::HotIron, risk: 'Scorched or cracked where the heat is not even; the second side is bent to match the first.'),
            ],
                hold: Hold::of(24, HoldKind::Rest, Fixture::Mould), oneSitting: true, cutInto: [PartGroup::BodyTimber], hands: Hands::of(0.5),
            ),
            self::Blocks => new Entry('head and tail block into the sides', Skill::Bodies, [Way::byHand(0.1, 1, caution: Caution::Adhesives)], hold: Hold::of(12, HoldKind::Glue, Fixture::Mould), oneSitting: true,
                gate: new Gate('the sides stand square', static fn (Inspector $i): array => [$i->atMost('sides out of square', 'square', 'box-square')]),
            ),
            self::Linings => new Entry('kerfed linings', Skill::Bodies, [Way::byHand(0, 1.5, caution: Caution::Adhesives)], hold: Hold::of(4, HoldKind::Glue, Fixture::Mould), oneSitting: true),
            self::LookInside => new Entry('label, pickup wires, every brace tapped', Skill::Bodies, [Way::byHand(0, 0.25)]),
            self::CloseBack => self::close('close the box: the back'),
            self::CloseTop => self::close('close the box: the top'),
            self::Trim => new Entry('trim the overhang flush', Skill::Bodies, [Way::byHand(0.1, 1, Station::RouterTable, Caution::Machines)]),
            self::Bind => new Entry('bindings and purfling: ledges, dry fit, bond', Skill::Bodies, [Way::byHand(0.3, 5, Station::RouterTable, Caution::Binding)],
                hold: Hold::of(24, HoldKind::Glue), oneSitting: true, growth: new Growth(Driver::BodyBinding, 40), needs: [PartGroup::Binding],
            ),
            self::Sand => new Entry('scrape and sand the box', Skill::Bodies, [Way::byHand(0, 4, caution: Caution::Dust)]),
            self::GlueBridge => new Entry('bridge from the scale, scraped clean and glued', Skill::Joints, [Way::byHand(0.2, 1.5, caution: Caution::Adhesives)],
                hold: Hold::of(24, HoldKind::Glue, Fixture::JointClamp), oneSitting: true, needs: [PartGroup::Bridge], usesUp: [PartGroup::Bridge],
                gate: new Gate('nut to saddle line', JointOperation::saddleLine(...)),
            ),
            self::Saddle => new Entry('saddle and bridge pins', Skill::SetUp, [Way::byHand(0, 1.5, Station::SetUpBench, Caution::Dust)], growth: new Growth(Driver::Strings, 40)),
        };
    }

    /** Whether an operation waits for air that is neither too dry nor too damp. */
    public static function waitsForAir(string $key): bool
    {
        return in_array(self::tryFrom($key), [self::BraceTop, self::BraceBack, self::CloseBack, self::CloseTop], true);
    }

    /** What of the box it belongs to: the pieces are worked beside each other until they are closed. */
    public function part(): string
    {
        return match ($this) {
            self::Top, self::Rosette, self::BraceTop => 'top',
            self::Back, self::BraceBack => 'back',
            self::BendSides, self::Blocks, self::Linings => 'sides',
            self::LookInside, self::CloseBack, self::CloseTop, self::Trim, self::Bind, self::Sand => 'box',
            self::GlueBridge, self::Saddle => 'bridge',
        };
    }

    private static function plate(string $name, int $layer): Entry
    {
        return new Entry($name, Skill::Bodies, [Way::byHand(0.3, 3, Station::SawAndPlaner, Caution::Machines)],
            hold: Hold::of(12, HoldKind::Glue, Fixture::BodyClamps), oneSitting: true, cutInto: [PartGroup::BodyTimber],
            gate: new Gate('thickness at ten places', static fn (Inspector $i): array => [
                $i->around($layer === 0 ? 'plate, top' : 'plate, back', 'thickness caliper', $layer === 0 ? $i->specification->bodywork->layers[0]->thickness : $i->specification->box->backThickness, 'plate-thickness'),
            ]),
        );
    }

    private static function brace(string $name, float $hours, bool $isTop): Entry
    {
        return new Entry($name, Skill::Bodies, [Way::byHand(0.2, $hours, caution: Caution::Adhesives)],
            hold: Hold::of(12, HoldKind::Glue, Fixture::GoBarDeck), oneSitting: true,
            gate: new Gate($isTop ? 'height of the main braces, and the air' : 'air of the shop while it is glued', static fn (Inspector $i): array => [
                ...$isTop ? [$i->around('height of the main braces', 'caliper', $i->specification->box->braceHeight, 'brace-height')] : [],
                $i->around('relative humidity', 'hygrometer', BoxAir::MIDDLE, 'box-air', '%'),
            ]),
        );
    }

    private static function close(string $name): Entry
    {
        return new Entry($name, Skill::Bodies, [Way::byHand(0.2, 2, caution: Caution::Adhesives)],
            hold: Hold::of(12, HoldKind::Glue, Fixture::GoBarDeck), oneSitting: true, hands: Hands::of(20 / 60),
            gate: new Gate('air of the shop while it is closed', static fn (Inspector $i): array => [$i->around('relative humidity', 'hygrometer', BoxAir::MIDDLE, 'box-air', '%')]),
        );
    }
}
