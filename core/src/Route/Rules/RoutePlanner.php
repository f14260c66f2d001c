<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\Operations;
use Regimen\Route\Route;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\HouseStandards;
use Regimen\Route\Standards\UnknownStandard;

/** Derives a build's route from its specification, its methods and the house standards, rule by rule. */
final readonly class RoutePlanner
{
    /**
     * Rules that answer a question, and whether in another than the trade's usual way: those give way where two rules
     * clash.
     */
    private const SCHOOLS = [
        Fretboard\SlotsBeforeGlueing::class => false, Fretboard\SlotsAfterGlueing::class => true,
        Fretboard\SlotsAfterRadius::class => true, Fretboard\MarkersBeforeRadius::class => false,
        Fretboard\MarkersAfterRadius::class => true,
        Fretboard\FrettedOnTheNeck::class => false, Fretboard\FrettedOffTheNeck::class => true,
        Neck\CarvedAfterRadius::class => false, Neck\CarvedBeforeGlueing::class => true,
        Finish\ClearedBeforeFretting::class => false, Finish\MaskedFrets::class => true,
        Headstock\TunerHolesAfter::class => false, Headstock\TunerHolesBefore::class => true,
        Body\BoxBoundFirst::class => false, Body\BoxBoundLast::class => true, SetUp\BridgeAfterFinish::class => false, SetUp\BridgeBeforeFinish::class => true,
        Joint\BoltHolesAfterSanding::class => false, Joint\BoltHolesBeforeSanding::class => true,
    ];

    /** @param  list<RouteRule>  $rules */
    public function __construct(private array $rules)
    {
    }

    public static function withAllRules(): self
    {
        return new self(self::rules());
    }

    /** @return list<RouteRule> in the order in which the work is listed */
    public static function rules(): array
    {
        return [
            new Preparation\BriefAndDesign,
            new Preparation\PartsAndTimber,
            new Preparation\TimberSettles,
            new Preparation\EverythingFirst,
            new Preparation\MeasuredOneByOne,
            new Neck\LaminatedNeck,
            new Neck\NeckShaft,
            new Neck\TrussRod,
            new Neck\StiffeningRods,
            new Headstock\ScarfedHeadstock,
            new Headstock\OnePieceHeadstock,
            new Headstock\FlatHeadstock,
            new Headstock\HeadlessEnd,
            new Headstock\HeadstockWings,
            new Headstock\HeadstockVeneer,
            new Headstock\HeadstockDrilled,
            new Headstock\TunerHolesAfter,
            new Headstock\TunerHolesBefore,
            new Neck\RestedNeck,
            new Neck\Volute,
            new Fretboard\FretboardMaking,
            new Fretboard\SlotsBeforeGlueing,
            new Fretboard\FaceMarkers,
            new Fretboard\MarkersBeforeRadius,
            new Fretboard\BoardBinding,
            new Fretboard\FretboardGlueing,
            new Fretboard\SlotsAfterGlueing,
            new Fretboard\SlotsAfterRadius,
            new Fretboard\SideMarkers,
            new Fretboard\MarkersAfterRadius,
            new Fretboard\FrettedOnTheNeck,
            new Fretboard\FrettedOffTheNeck,
            new Fretboard\Fretting,
            new Neck\NeckCarving,
            new Neck\CarvedAfterRadius,
            new Neck\CarvedBeforeGlueing,
            new Body\BodyBlank,
            new Body\BodyThickness,
            new Body\Chambers,
            new Body\HiddenWires,
            new Body\BodyLayers,
            new Body\BodyShaping,
            new Body\BodyBinding,
            new Body\FlatTopBox,
            new Body\BoxBoundFirst,
            new Body\BoxBoundLast,
            new Joint\NeckPocket,
            new Joint\Mortise,
            new Joint\GluedTongue,
            new Joint\ThroughNeck,
            new Joint\Layout,
            new Joint\BoltedNeck,
            new Joint\BoltHolesAfterSanding,
            new Joint\BoltHolesBeforeSanding,
            new Finish\GrainFill,
            new Finish\Stain,
            new Finish\ColourCoat,
            new Joint\SetNeck,
            new Finish\ClearedBeforeFretting,
            new Finish\MaskedFrets,
            new Finish\BareBoard,
            new Finish\FinishedApart,
            new Finish\FinishedTogether,
            new Finish\OiledBack,
            new Fretboard\OiledBoard,
            new SetUp\Harness,
            new SetUp\Shield,
            new SetUp\Assembly,
            new SetUp\FretLevel,
            new SetUp\Nut,
            new SetUp\ZeroFret,
            new SetUp\PinnedBridge,
            new SetUp\BridgeAfterFinish,
            new SetUp\BridgeBeforeFinish,
            new SetUp\SingleBridges,
            new SetUp\SetUp,
            new SetUp\Delivery,
            ...self::ownPlaces(),
        ];
    }

    /** @return list<RouteRule> */
    private static function ownPlaces(): array
    {
        $rules = [];
        foreach (Operations::all() as $operation) {
            $place = Operations::entry($operation)->place;
            if ($place !== null) {
                $rules[] = new OwnPlace($operation, $place);
            }
        }

        return $rules;
    }

    /** @throws UnknownStandard if the house lacks a standard that the route needs */
    public function plan(Specification $specification, HouseStandards $standards, ?Methods $methods = null): Route
    {
        $methods ??= Methods::usual();
        $draft = new RouteDraft($standards, $specification, $methods);
        $schools = [];
        foreach ($this->rules as $rule) {
            if ($rule->appliesTo($specification, $methods)) {
                $draft->by($rule);
                $rule->contribute($draft, $specification, $methods);
                if (isset(self::SCHOOLS[$rule::class])) {
                    $schools[$rule->name()] = self::SCHOOLS[$rule::class];
                }
            }
        }

        return $draft->route($schools);
    }
}
