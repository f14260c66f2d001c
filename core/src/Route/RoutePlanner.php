<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\Specification;
use Regimen\Route\Operations\Operations;

/** Derives a build's route from its specification, its methods and the house standards, rule by rule. */
final readonly class RoutePlanner
{
    /** Rules that answer a question, and whether in another than the trade's usual way: those give way where two rules clash. */
    private const SCHOOLS = [
        Rules\SlotsBeforeGlueing::class => false, Rules\SlotsAfterGlueing::class => true, Rules\SlotsAfterRadius::class => true, Rules\MarkersBeforeRadius::class => false, Rules\MarkersAfterRadius::class => true,
        Rules\FrettedOnTheNeck::class => false, Rules\FrettedOffTheNeck::class => true, Rules\CarvedAfterRadius::class => false, Rules\CarvedBeforeGlueing::class => true,
        Rules\ClearedBeforeFretting::class => false, Rules\MaskedFrets::class => true, Rules\TunerHolesAfter::class => false, Rules\TunerHolesBefore::class => true,
        Rules\BoltHolesAfterSanding::class => false, Rules\BoltHolesBeforeSanding::class => true,
    ];

    /** @param  list<RouteRule>  $rules */
    public function __construct(private array $rules)
    {
    }

    public static function withAllRules(): self
    {
        return new self(self::rules());
    }

    /** @return list<RouteRule> in the order in which the work is told */
    public static function rules(): array
    {
        return [
            new Rules\BriefAndDesign,
            new Rules\PartsAndTimber,
            new Rules\TimberSettles,
            new Rules\EverythingFirst,
            new Rules\MeasuredOneByOne,
            new Rules\LaminatedNeck,
            new Rules\NeckShaft,
            new Rules\TrussRod,
            new Rules\StiffeningRods,
            new Rules\ScarfedHeadstock,
            new Rules\OnePieceHeadstock,
            new Rules\FlatHeadstock,
            new Rules\HeadstockWings,
            new Rules\HeadstockVeneer,
            new Rules\HeadstockDrilled,
            new Rules\TunerHolesAfter,
            new Rules\TunerHolesBefore,
            new Rules\RestedNeck,
            new Rules\Volute,
            new Rules\FretboardMaking,
            new Rules\SlotsBeforeGlueing,
            new Rules\FaceMarkers,
            new Rules\MarkersBeforeRadius,
            new Rules\BoardBinding,
            new Rules\FretboardGlueing,
            new Rules\SlotsAfterGlueing,
            new Rules\SlotsAfterRadius,
            new Rules\SideMarkers,
            new Rules\MarkersAfterRadius,
            new Rules\FrettedOnTheNeck,
            new Rules\FrettedOffTheNeck,
            new Rules\Fretting,
            new Rules\NeckCarving,
            new Rules\CarvedAfterRadius,
            new Rules\CarvedBeforeGlueing,
            new Rules\BodyBlank,
            new Rules\BodyThickness,
            new Rules\Chambers,
            new Rules\HiddenWires,
            new Rules\BodyLayers,
            new Rules\BodyShaping,
            new Rules\BodyBinding,
            new Rules\NeckPocket,
            new Rules\Mortise,
            new Rules\ThroughNeck,
            new Rules\Layout,
            new Rules\BoltedNeck,
            new Rules\BoltHolesAfterSanding,
            new Rules\BoltHolesBeforeSanding,
            new Rules\GrainFill,
            new Rules\Stain,
            new Rules\ColourCoat,
            new Rules\SetNeck,
            new Rules\ClearedBeforeFretting,
            new Rules\MaskedFrets,
            new Rules\BareBoard,
            new Rules\FinishedApart,
            new Rules\FinishedTogether,
            new Rules\OiledBack,
            new Rules\OiledBoard,
            new Rules\Harness,
            new Rules\Shield,
            new Rules\Assembly,
            new Rules\FretLevel,
            new Rules\Nut,
            new Rules\ZeroFret,
            new Rules\SetUp,
            new Rules\Delivery,
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
                $rules[] = new Rules\OwnPlace($operation, $place);
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
