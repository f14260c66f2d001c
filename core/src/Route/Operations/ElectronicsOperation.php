<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Drawing\Bench\BenchView;
use Regimen\Figures\TapTest;
use Regimen\Inspection\Target;
use Regimen\Instrument\Specification;
use Regimen\Parts\PartGroup;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Entry\Entry;
use Regimen\Route\Entry\Gate;
use Regimen\Route\Entry\Growth;
use Regimen\Route\Entry\Hold;
use Regimen\Route\Entry\Inspector;
use Regimen\Route\Entry\Order;
use Regimen\Route\Entry\Place;
use Regimen\Route\Entry\TradeOperation;
use Regimen\Route\Entry\Way;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Driver;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;
use Regimen\Route\Standards\Station;

/** Harness, shielding and what is soldered in. Figures are common practice without a single source. */
enum ElectronicsOperation: string implements TradeOperation
{
    case Harness = 'electronics.harness';
    case Shield = 'electronics.shield';
    case Install = 'electronics.install';
    case Wind = 'electronics.wind';
    case Grounds = 'electronics.grounds';

    public function stage(): Stage
    {
        return Stage::Electronics;
    }

    public function view(): BenchView
    {
        return BenchView::Circuit;
    }

    public function entry(): Entry
    {
        return match ($this) {
            self::Harness => self::harness(),
            self::Shield => self::shield(),
            self::Install => self::install(),
            self::Wind => self::wind(),
            self::Grounds => self::grounds(),
        };
    }

    private static function harness(): Entry
    {
        $way = Way::byHand(0.2, 2, Station::ElectronicsBench, Caution::Soldering);

        return new Entry('wire the harness', Skill::Electronics, [$way],
            growth: new Growth(Driver::Pickups, 50), needs: [PartGroup::Electronics],
            cutFor: [PartGroup::Electronics],
        );
    }

    private static function shield(): Entry
    {
        return new Entry('shield the cavities', Skill::Electronics, [Way::byHand(0, 0.5, caution: Caution::Solvents)],
            hold: Hold::of(6, HoldKind::Finish),
        );
    }

    private static function install(): Entry
    {
        $way = Way::byHand(0, 0.75, Station::ElectronicsBench, Caution::Soldering);

        return new Entry('install, tap-test at every switch position', Skill::Electronics, [$way],
            growth: new Growth(Driver::Pickups, 50),
            gate: new Gate('tap test at every switch position', self::tapTest(...)), needs: [PartGroup::Pickups],
            usesUp: [PartGroup::Pickups, PartGroup::Electronics],
        );
    }

    /** Two and a half hours a pickup; the standard is given for two. */
    private static function wind(): Entry
    {
        $way = Way::byHand(0, 2 * 2.5, Station::ElectronicsBench, Caution::Soldering);

        return new Entry('wind the pickups, pot them in wax', Skill::Electronics, [$way],
            hold: Hold::of(2, HoldKind::Rest),
            growth: new Growth(Driver::Pickups, 0),
            cautions: [Caution::HotWax],
            gate: new Gate('resistance of each pickup', self::pickups(...)),
            needs: [PartGroup::Pickups],
            place: new Place(
                'Pickups are wound before they are fitted',
                static fn (Specification $s): bool => $s->electrics->pickupsWound && $s->electrics->pickups !== [],
                [],
                'They are wound for this instrument, and potted so that they do not squeal.',
                after: [new Order([PreparationOperation::OrderParts], 'Only what has been ordered can be wound.')],
                before: [new Order([self::Install], 'Pickups go in when their wax has set.')],
            ),
        );
    }

    /** One wire under one bridge grounds all strings; where each has its own, each has its own wire. */
    private static function grounds(): Entry
    {
        return new Entry('a ground to each bridge', Skill::Electronics, [Way::byHand(0.1, 0.75, Station::ElectronicsBench, Caution::Soldering)],
            growth: new Growth(Driver::Strings, 30),
            gate: new Gate('each bridge is grounded', static fn (Inspector $i): array => array_map(static fn (string $string): Target => Target::seen("bridge of string {$string} to ground", 'meter', 'no resistance to speak of'), $i->strings())),
            needs: [PartGroup::Bridge],
        );
    }

    /** @return list<Target> */
    private static function tapTest(Inspector $inspector): array
    {
        return [...self::pickups($inspector), ...self::positions($inspector), ...self::atJack($inspector)];
    }

    /** @return list<Target> */
    private static function pickups(Inspector $inspector): array
    {
        $percent = $inspector->tolerance('resistance');
        $targets = [];
        foreach ($inspector->specification->electrics->pickups as $pickup) {
            if ($pickup->resistance !== null) {
                $what = "resistance, {$pickup->place}";
                $targets[] = Target::resistance($what, 'meter', (float) $pickup->resistance, $percent);
            }
        }

        return $targets;
    }

    /** @return list<Target> */
    private static function positions(Inspector $inspector): array
    {
        $targets = [];
        foreach ($inspector->specification->electrics->switch as $index => $position) {
            $what = 'tap test, position '.($index + 1);
            $targets[] = Target::seen($what, 'screwdriver', $position->inWords().' and no other');
        }

        return $targets;
    }

    /** @return list<Target> */
    private static function atJack(Inspector $inspector): array
    {
        $percent = $inspector->tolerance('resistance');
        $targets = [];
        foreach (TapTest::from($inspector->specification) as $test) {
            if ($test->atJack !== null) {
                $what = "at the jack, position {$test->number}";
                $targets[] = Target::resistance($what, 'meter, volume full up', (float) $test->atJack, $percent);
            }
        }
        if ($inspector->specification->electrics->switch === []) {
            $what = 'the expected pickups and no others';
            $targets[] = Target::seen('tap test at every switch position', 'screwdriver', $what);
        }

        return $targets;
    }
}
