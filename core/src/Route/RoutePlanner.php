<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\Specification;

/** Derives a build's route from its specification and the house standards, rule by rule. */
final readonly class RoutePlanner
{
    /** @param  list<RouteRule>  $rules */
    public function __construct(private array $rules)
    {
    }

    public static function withAllRules(): self
    {
        return new self([
            new Rules\BriefAndDesign,
            new Rules\PartsAndTimber,
            new Rules\NeckShaft,
            new Rules\LaminatedNeck,
            new Rules\StiffeningRods,
            new Rules\Headstock,
            new Rules\FretboardMaking,
            new Rules\BoardBinding,
            new Rules\FretboardGlueing,
            new Rules\Fretting,
            new Rules\NeckCarving,
            new Rules\BodyBlank,
            new Rules\Chambers,
            new Rules\BodyLayers,
            new Rules\BodyShaping,
            new Rules\BodyBinding,
            new Rules\JointAndLayout,
            new Rules\BoltOnJoint,
            new Rules\BodyPreparation,
            new Rules\SetNeckJoint,
            new Rules\FinishedApart,
            new Rules\FinishedTogether,
            new Rules\Electronics,
            new Rules\Assembly,
            new Rules\SetUp,
            new Rules\Delivery,
        ]);
    }

    /**
     * @throws UnknownStandard if the house lacks a standard that the route needs
     * @throws CyclicRoute if the rules contradict each other
     */
    public function plan(Specification $specification, HouseStandards $standards): Route
    {
        $draft = new RouteDraft($standards);
        foreach ($this->rules as $rule) {
            if ($rule->appliesTo($specification)) {
                $rule->contribute($draft, $specification);
            }
        }

        return $draft->route();
    }
}
