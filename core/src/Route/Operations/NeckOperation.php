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

/** The neck’s shaft, from the square blank to the sanded back. Figures are common practice without a single source. */
enum NeckOperation: string implements TradeOperation
{
    case Square = 'neck.square';
    case Channel = 'neck.channel';
    case Laminate = 'neck.laminate';
    case Rods = 'neck.rods';
    case RoughAndRest = 'neck.rough-rest';
    case Recheck = 'neck.recheck';
    case Rough = 'neck.rough';
    case Outline = 'neck.outline';
    case Carve = 'neck.carve';
    case Volute = 'neck.volute';
    case Sand = 'neck.sand';

    public function stage(): Stage
    {
        return Stage::Neck;
    }

    public function view(): BenchView
    {
        return match ($this) {
            self::Square, self::Laminate, self::RoughAndRest, self::Recheck, self::Rough => BenchView::NeckBlank,
            self::Channel, self::Rods => BenchView::Channel,
            self::Outline => BenchView::NeckOutline,
            default => BenchView::NeckBack,
        };
    }

    public function entry(): Entry
    {
        return match ($this) {
            self::Square => self::square(),
            self::Channel => self::channel(),
            self::Laminate => self::laminate(),
            self::Rods => self::rods(),
            self::RoughAndRest => self::roughAndRest(),
            self::Recheck => self::recheck(),
            self::Rough => self::rough(),
            self::Outline => self::outline(),
            self::Carve => self::carve(),
            self::Volute => self::volute(),
            self::Sand => self::sand(),
        };
    }

    private static function square(): Entry
    {
        return new Entry('square the neck blank, centre line', Skill::Necks, [
            Way::with(Tool::Machine, 'on the planer', 0.3, 1, Station::SawAndPlaner, Caution::Machines),
            Way::byHand(
                0.1, 2.5, Station::NeckBench, words: 'with planes',
                risk: 'Slow, and quiet; winding sticks tell.',
            ),
        ],
            gate: new Gate('bow and twist', self::straight(...)), cutInto: [PartGroup::NeckTimber],
            usesUp: [PartGroup::NeckTimber],
        );
    }

    private static function channel(): Entry
    {
        return new Entry('truss-rod channel', Skill::Necks, [
            Way::with(Tool::Template, 'at the router table', 0.5, 0.5, Station::RouterTable, Caution::Machines),
            Way::byHand(
                0.2, 1.5, Station::NeckBench, words: 'with plough and chisel',
                risk: 'A chisel wanders off the line in figured timber.',
            ),
            Way::byFile(0.4, 0.25, 'A blank that is set wrong is cut wrong at once.'),
        ],
            growth: new Growth(Driver::TrussRods, 35),
            setTo: static fn (Specification $s): array => [$s->neck->rodWidth->mm, $s->neck->rodDepth->mm, $s->neck->rods],
            gate: new Gate('channel on centre, and its depth', static fn (Inspector $i): array => [
                $i->atMost('off the centre line', 'caliper from both edges', 'channel-centre')
                    ->offset('nut end', 'heel end')->stationsApart(max(1.0, $i->workings->neck()->rodEnds()->length() - 16.0)),
                $i->around('depth of the channel', 'depth gauge', $i->specification->neck->rodDepth, 'channel-deeper')
                    ->at('nut end', 'middle', 'heel end')->says('rodDepth'),
            ]),
            needs: [PartGroup::TrussRod], cutFor: [PartGroup::TrussRod], usesUp: [PartGroup::TrussRod],
        );
    }

    private static function laminate(): Entry
    {
        $way = Way::byHand(0.3, 1, Station::SawAndPlaner, Caution::Adhesives);

        return new Entry('laminate the neck blank', Skill::Necks, [$way],
            hold: Hold::of(24, HoldKind::Glue, Fixture::NeckClamps), oneSitting: true,
            growth: new Growth(Driver::Laminations, 40),
            // So many faces with glue on them are more than two hands bring together in time.
            hands: Hands::of(0.25, static fn (Specification $s): bool => $s->neck->laminations >= 5), needs: [PartGroup::NeckTimber],
            cutInto: [PartGroup::NeckTimber],
        );
    }

    private static function rods(): Entry
    {
        $way = Way::byHand(0.3, 0.75, Station::RouterTable, Caution::Adhesives);

        return new Entry('stiffening rods', Skill::Necks, [$way],
            hold: Hold::of(18, HoldKind::Glue, Fixture::NeckClamps), oneSitting: true,
            needs: [PartGroup::StiffeningRods],
        );
    }

    private static function roughAndRest(): Entry
    {
        $way = Way::byHand(0.2, 0.75, Station::SawAndPlaner, Caution::Machines);

        return new Entry('rough the shaft, let it rest', Skill::Necks, [$way],
            hold: Hold::of(240, HoldKind::Rest),
        );
    }

    private static function recheck(): Entry
    {
        $way = Way::byHand(0, 0.5, Station::SawAndPlaner, Caution::Machines);

        return new Entry('check the rested shaft, flatten again', Skill::Necks, [$way],
            gate: new Gate('bow and twist', self::straight(...)),
        );
    }

    private static function rough(): Entry
    {
        $way = Way::byHand(0.2, 0.75, Station::SawAndPlaner, Caution::Machines);

        return new Entry('rough the shaft', Skill::Necks, [$way]);
    }

    private static function outline(): Entry
    {
        return new Entry('neck outline', Skill::Necks, [
            Way::with(Tool::Template, 'by template', 0.4, 1, Station::RouterTable, Caution::Machines),
            Way::byHand(
                0.1, 2, Station::NeckBench, Caution::Dust, 'with spokeshave and files',
                'Edges are as straight as the eye.',
            ),
            Way::byFile(0.4, 0.4, 'Tear-out where the cutter meets rising grain.'),
        ],
            setTo: static fn (Specification $s): array => [
                $s->board->scale->mm, $s->middleScale()->mm, $s->board->nutWidth->mm, $s->board->lastWidth->mm, $s->brief->hand->value,
                $s->head->tunerLayout->value,
            ],
            gate: new Gate('width at nut and heel', static fn (Inspector $i): array => [
                $i->around('width at the nut', 'caliper', $i->specification->board->nutWidth, 'width')->says('nutWidth'),
                $i->around('width at the heel', 'caliper', $i->specification->joinery->heelWidth, 'width')->says('heelWidth'),
            ]),
        );
    }

    private static function carve(): Entry
    {
        return new Entry('carve the neck', Skill::Necks, [
            Way::byHand(0.2, 4, Station::NeckBench, Caution::Dust, 'by hand')->between(3, 7),
            Way::byFile(
                0.6, 0.75, 'A wrong thickness in the file goes through to the rod.',
                'on the machine, finished by hand',
            ),
        ],
            setTo: static fn (Specification $s): array => [
                $s->neck->profile->value, $s->neck->thicknessFirst->mm, $s->neck->thicknessTwelfth->mm,
            ],
            gate: new Gate('thickness at first and twelfth', self::thickness(...)),
        );
    }

    private static function volute(): Entry
    {
        return new Entry('carve the volute', Skill::Necks, [Way::byHand(0, 0.75, Station::NeckBench, Caution::Dust)]);
    }

    private static function sand(): Entry
    {
        return new Entry('sand the neck to 220–400', Skill::Necks, [Way::byHand(0, 1.5, caution: Caution::Dust)]);
    }

    /** @return list<Target> */
    private static function straight(Inspector $inspector): array
    {
        return [$inspector->atMost('bow and twist', 'straight edge, winding sticks', 'blank')->at('bow', 'twist')];
    }

    /** @return list<Target> */
    private static function thickness(Inspector $inspector): array
    {
        $neck = $inspector->specification->neck;
        $targets = [
            $inspector->around(
                'thickness at the first fret, board included', 'caliper', $neck->thicknessFirst, 'thickness',
            )->says('thicknessFirst'),
            $inspector->around('thickness at the twelfth', 'caliper', $neck->thicknessTwelfth, 'thickness')->says('thicknessTwelfth'),
        ];
        if ($neck->rodLength->mm > 0) {
            $targets[] = $inspector->atLeast('timber under the channel, computed and felt', 'caliper', 'timber-left');
        }

        return $targets;
    }
}
