<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Drawing\Bench\BenchView;
use Regimen\Instrument\Specification;
use Regimen\Parts\PartGroup;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Entry\Entry;
use Regimen\Route\Entry\Growth;
use Regimen\Route\Entry\Hold;
use Regimen\Route\Entry\Order;
use Regimen\Route\Entry\Place;
use Regimen\Route\Entry\TradeOperation;
use Regimen\Route\Entry\Way;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Driver;
use Regimen\Route\Standards\Fixture;
use Regimen\Route\Standards\Piece;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;
use Regimen\Route\Standards\Station;

/** What goes under, between and after the coats. Figures are common practice without a single source. */
enum FinishOperation: string implements TradeOperation
{
    case Fill = 'finish.fill';
    case Colour = 'finish.colour';
    case Burst = 'finish.burst';
    case Stain = 'finish.stain';
    case Mask = 'finish.mask';
    case MaskFrets = 'finish.mask-frets';
    case Scuff = 'finish.scuff';
    case NeckBack = 'finish.neck-back';
    case Seal = 'finish.seal';
    case Level = 'finish.level';
    case Polish = 'finish.polish';
    case LevelNeck = 'finish.neck.level';
    case PolishNeck = 'finish.neck.polish';
    case Age = 'finish.age';

    public function stage(): Stage
    {
        return Stage::Finish;
    }

    public function view(): BenchView
    {
        return BenchView::Whole;
    }

    public function entry(): Entry
    {
        return match ($this) {
            self::Fill => self::fill(),
            self::Colour => self::colour(),
            self::Burst => self::burst(),
            self::Stain => self::stain(),
            self::Mask => self::mask(),
            self::MaskFrets => self::maskFrets(),
            self::Scuff => self::scuff(),
            self::NeckBack => self::neckBack(),
            self::Seal => self::seal(),
            self::Level => self::level(),
            self::Polish => self::polish(),
            self::LevelNeck => self::levelNeck(),
            self::PolishNeck => self::polishNeck(),
            self::Age => self::age(),
        };
    }

    private static function fill(): Entry
    {
        return new Entry('grain fill', Skill::Finish, [Way::byHand(0, 1, caution: Caution::Solvents)],
            hold: Hold::of(24, HoldKind::Finish, Fixture::HangingRail), oneSitting: true, needs: [PartGroup::Finish],
        );
    }

    private static function colour(): Entry
    {
        return new Entry('colour', Skill::Finish, [Way::byHand(0, 1.5, Station::SprayBooth, Caution::Solvents)],
            hold: Hold::of(12, HoldKind::Finish, Fixture::HangingRail), oneSitting: true, needs: [PartGroup::Finish],
        );
    }

    private static function burst(): Entry
    {
        $way = Way::byHand(0, 2, Station::SprayBooth, Caution::Solvents)->between(1, 4);

        return new Entry('sunburst', Skill::Finish, [$way],
            hold: Hold::of(12, HoldKind::Finish, Fixture::HangingRail), oneSitting: true, needs: [PartGroup::Finish],
        );
    }

    private static function stain(): Entry
    {
        return new Entry('stain', Skill::Finish, [Way::byHand(0, 0.5, caution: Caution::Solvents)],
            hold: Hold::of(12, HoldKind::Finish, Fixture::HangingRail), oneSitting: true,
            cautions: [Caution::Chemicals],
            needs: [PartGroup::Finish],
        );
    }

    private static function mask(): Entry
    {
        return new Entry('mask the board', Skill::Finish, [Way::byHand(0, 0.5)]);
    }

    private static function maskFrets(): Entry
    {
        return new Entry('mask every fret', Skill::Finish, [Way::byHand(0, 2)], growth: new Growth(Driver::Frets, 20));
    }

    private static function scuff(): Entry
    {
        $way = Way::byHand(0, 0.5, caution: Caution::Dust);

        return new Entry('sand in after a missed recoat window', Skill::Finish, [$way]);
    }

    private static function neckBack(): Entry
    {
        $way = Way::byHand(0, 1, caution: Caution::OilyRags);

        return new Entry('rub the back through and oil it', Skill::Finish, [$way],
            hold: Hold::of(24, HoldKind::Finish), needs: [PartGroup::Finish],
        );
    }

    private static function seal(): Entry
    {
        return new Entry('seal', Skill::Finish, [Way::byHand(0, 0.5, Station::SprayBooth, Caution::Solvents)],
            hold: Hold::of(2, HoldKind::Finish, Fixture::HangingRail), oneSitting: true, needs: [PartGroup::Finish],
        );
    }

    private static function level(): Entry
    {
        $way = Way::byHand(0, 1.5, caution: Caution::Dust);

        return new Entry('level the lacquer, 600 to 4000', Skill::Finish, [$way]);
    }

    private static function polish(): Entry
    {
        return new Entry('polish', Skill::Finish, [Way::byHand(0, 2, caution: Caution::Machines)]);
    }

    private static function levelNeck(): Entry
    {
        return new Entry('level the neck’s lacquer', Skill::Finish, [Way::byHand(0, 0.75, caution: Caution::Dust)]);
    }

    private static function polishNeck(): Entry
    {
        return new Entry('polish the neck', Skill::Finish, [Way::byHand(0, 1, caution: Caution::Machines)]);
    }

    private static function age(): Entry
    {
        $way = Way::byHand(0, 6, caution: Caution::Chemicals);
        $cured = [
            CoatStep::BodyCure, CoatStep::NeckCure, CoatStep::Cure, CoatStep::BodyPolish, self::PolishNeck,
            self::Polish,
            self::NeckBack,
        ];
        $worn = [AssemblyOperation::Hardware, ElectronicsOperation::Install, FretboardOperation::Oil];

        return new Entry(
            'age the finish: chips, checking, wear, hardware', Skill::Finish, [$way],
            needs: [PartGroup::Tuners, PartGroup::Bridge],
            place: new Place(
                'A finish is aged when it has cured',
                static fn (Specification $s): bool => $s->finishing->aged,
                Piece::cases(),
                'The client wants it to look as if it had been played for decades.',
                after: [new Order(
                    $cured,
                    'Only cured film chips and checks; soft film smears.',
                    'Film that has not cured smears; it has to be finished again.',
                )],
                before: [new Order($worn, 'Edges and hardware are worn while everything is apart.')],
            ),
        );
    }
}
