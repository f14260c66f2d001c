<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Instrument\Body\BridgeKind;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Shape\BoardShape;
use Regimen\Instrument\Shape\BodyShape;
use Regimen\Instrument\Shape\FretWire;
use Regimen\Instrument\Specification;
use Regimen\Parts\PartGroup;

/**
 * What is bought beside timber and finish, by its key in the price list: where it stands in a kit, and how much of it.
 */
enum PartKind: string
{
    case TrussRod = 'truss-rod';
    case Tuner = 'tuner';
    case BassTuner = 'bass-tuner';
    case Bridge = 'bridge';
    case BassBridge = 'bass-bridge';
    case SingleBridge = 'single-bridge';
    case TuningBridge = 'tuning-bridge';
    case SingleTuningBridge = 'single-tuning-bridge';
    case Headpiece = 'headpiece';
    case GluedBridge = 'glued-bridge';
    case Linings = 'linings';
    case Rosette = 'rosette';
    case NylonStrings = 'nylon-strings';
    case NutBlank = 'nut-blank';
    case StrapButtons = 'strap-buttons';
    case NeckScrews = 'neck-screws';
    case Pickup = 'pickup';
    case BassPickup = 'bass-pickup';
    case PickupParts = 'pickup-parts';
    case ElectronicsSet = 'electronics-set';
    case StiffeningRods = 'stiffening-rods';
    case Binding = 'binding';
    case FretWire = 'fret-wire';
    case Strings = 'strings';
    case BassStrings = 'bass-strings';
    case Consumables = 'consumables';

    public function group(): PartGroup
    {
        return match ($this) {
            self::TrussRod => PartGroup::TrussRod,
            self::Tuner, self::BassTuner, self::Headpiece => PartGroup::Tuners,
            self::Bridge, self::BassBridge, self::SingleBridge, self::TuningBridge, self::SingleTuningBridge, self::GluedBridge => PartGroup::Bridge,
            self::Linings, self::Rosette => PartGroup::BodyTimber,
            self::NutBlank => PartGroup::Nut,
            self::StrapButtons => PartGroup::StrapButtons,
            self::NeckScrews => PartGroup::NeckScrews,
            self::Pickup, self::BassPickup, self::PickupParts => PartGroup::Pickups,
            self::ElectronicsSet => PartGroup::Electronics,
            self::StiffeningRods => PartGroup::StiffeningRods,
            self::Binding => PartGroup::Binding,
            self::FretWire => PartGroup::FretWire,
            self::Strings, self::BassStrings, self::NylonStrings => PartGroup::Strings,
            self::Consumables => PartGroup::Consumables,
        };
    }

    /** Used up rather than fitted. */
    public function isSupply(): bool
    {
        return in_array($this->group(), [PartGroup::Strings, PartGroup::Consumables], true);
    }

    /** What a new shop pays for it until it says otherwise: round figures, invented. */
    public function starter(): StarterPrice
    {
        return match ($this) {
            self::TrussRod => StarterPrice::hardware('two-way truss rod', 'piece', 24, 6),
            self::Tuner => StarterPrice::hardware('tuner', 'piece', 12, 10),
            self::BassTuner => StarterPrice::hardware('bass tuner', 'piece', 19, 10),
            self::Bridge => StarterPrice::hardware('bridge', 'piece', 85, 12),
            self::BassBridge => StarterPrice::hardware('bass bridge', 'piece', 110, 14),
            self::SingleBridge => StarterPrice::hardware('single bridge', 'piece', 34, 14),
            self::TuningBridge => StarterPrice::hardware('bridge with tuners', 'piece', 210, 21),
            self::SingleTuningBridge => StarterPrice::hardware('single bridge with tuner', 'piece', 46, 21),
            self::Headpiece => StarterPrice::hardware('headpiece with clamps', 'piece', 48, 14),
            self::GluedBridge => StarterPrice::hardware('bridge blank, saddle and pins', 'set', 32, 6),
            self::Linings => StarterPrice::hardware('linings and blocks', 'set', 18, 6),
            self::Rosette => StarterPrice::hardware('rosette', 'piece', 24, 8),
            self::NylonStrings => StarterPrice::hardware('set of nylon strings', 'set', 11, 3),
            self::NutBlank => StarterPrice::hardware('bone nut blank', 'piece', 6, 5),
            self::StrapButtons => StarterPrice::hardware('strap buttons, pair', 'pair', 7, 5),
            self::NeckScrews => StarterPrice::hardware('neck screws and plate', 'set', 11, 5),
            self::Pickup => new StarterPrice('pickup', 'piece', 95, 18, 'pickup winder'),
            self::BassPickup => new StarterPrice('bass pickup', 'piece', 115, 18, 'pickup winder'),
            self::PickupParts => StarterPrice::hardware('magnets, bobbins, wire and wax for a pickup', 'set', 19, 8),
            self::ElectronicsSet => new StarterPrice(
                'pots, switch, capacitor, jack, wire', 'set', 48, 8, 'electronics supplier',
            ),
            self::StiffeningRods => StarterPrice::hardware('stiffening rods, pair', 'pair', 16, 6),
            self::Binding => StarterPrice::hardware('binding', 'm', 5, 6),
            self::FretWire => StarterPrice::hardware('fret wire', 'm', 9, 6),
            self::Strings => StarterPrice::hardware('set of guitar strings', 'set', 9, 3),
            self::BassStrings => StarterPrice::hardware('set of bass strings', 'set', 28, 3),
            self::Consumables => new StarterPrice('glue, abrasives, tape, solder', 'share', 35, 0, 'from the shop'),
        };
    }

    /** In the unit of its price; 0 where the instrument does without. */
    public function quantity(Specification $s): float
    {
        $isBass = $s->brief->type === InstrumentType::Bass;
        $pickups = count($s->electrics->pickups);
        $hasPosts = $s->head->headstock->hasPosts();
        $isGlued = $s->bridgework->bridge->isGlued();
        $isSingle = $s->bridgework->bridge === BridgeKind::Single;

        return match ($this) {
            self::TrussRod => $s->neck->rodLength->mm > 0 ? $s->neck->rods : 0,
            self::Tuner => $isBass || ! $hasPosts ? 0 : $s->brief->strings,
            self::BassTuner => $isBass && $hasPosts ? $s->brief->strings : 0,
            self::Headpiece => $hasPosts ? 0 : 1,
            self::Bridge => $isBass || $isSingle || $isGlued || ! $hasPosts ? 0 : 1,
            self::GluedBridge => $isGlued ? 1 : 0,
            self::Linings => $s->isBox() ? 1 : 0,
            self::Rosette => $s->isBox() && $s->box->rosette->mm > 0 ? 1 : 0,
            self::BassBridge => $isBass && ! $isSingle && ! $isGlued && $hasPosts ? 1 : 0,
            self::SingleBridge => $isSingle && $hasPosts ? $s->brief->strings : 0,
            self::SingleTuningBridge => $isSingle && ! $hasPosts ? $s->brief->strings : 0,
            self::TuningBridge => $isSingle || $isGlued || $hasPosts ? 0 : 1,
            self::Strings => $isBass || $s->isNylon() ? 0 : 1,
            self::NylonStrings => $s->isNylon() ? 1 : 0,
            self::BassStrings => $isBass && ! $s->isNylon() ? 1 : 0,
            self::NutBlank, self::StrapButtons, self::Consumables => 1,
            self::NeckScrews => $s->joinery->joint->isGlued() ? 0 : 1,
            self::Pickup => $isBass || $s->electrics->pickupsWound ? 0 : $pickups,
            self::BassPickup => $isBass && ! $s->electrics->pickupsWound ? $pickups : 0,
            self::PickupParts => $s->electrics->pickupsWound ? $pickups : 0,
            self::ElectronicsSet => $pickups === 0 ? 0 : 1,
            self::StiffeningRods => $s->neck->stiffeningRods ? 1 : 0,
            self::Binding => self::binding($s),
            self::FretWire => FretWire::length($s)->mm / 1000,
        };
    }

    /** Metres to buy, with a tenth for the joints, rounded up to a tenth. */
    private static function binding(Specification $s): float
    {
        $mm = ($s->board->boardBinding->mm > 0 ? BoardShape::from($s)->binding()->value : 0.0)
            + ($s->bodywork->bodyBinding->mm > 0 ? BodyShape::from($s)->binding()->value * ($s->isBox() ? 2 : 1) : 0.0)
            + ($s->isBox() && $s->box->purfling->mm > 0 ? BodyShape::from($s)->binding()->value : 0.0);

        return ceil($mm / 100) / 10;
    }
}
